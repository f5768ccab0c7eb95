<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;

/**
 * One name and one value on a line, with a sign between, perhaps under the heads of sections:
 *
 *     [timeline]
 *     split = Primary Shift B   # a comment
 */
final readonly class LinesShape implements Shape
{
    /**
     * @param  non-empty-string  $between  the sign between name and value
     * @param  array{string, string}|null  $section  what stands before and behind the name of a section; null where there are none
     * @param  list<string>  $comments  what begins a comment; behind a value it needs a blank before it
     */
    public function __construct(private string $between, private ?array $section, private array $comments)
    {
    }

    public function walk(string $text): iterable
    {
        $section = null;
        foreach (Lines::of($text, ByteOrderMark::length($text)) as $line => [$said, $at, $whole]) {
            $blank = strspn($said, " \t");
            $length = $this->lengthWithoutComment($said, $blank);
            if ($length <= $blank) {
                continue;
            }
            $head = $this->sectionHead($said, $blank, $length, $line, $at->from);
            if ($head !== null) {
                if ($section !== null) {
                    yield Step::Out => $section;
                }
                $section = $head;
                $section->from = $whole->from;
                $section->to = $section->end = $whole->to;
                yield Step::In => $section;

                continue;
            }
            $part = $this->line($said, $blank, $length, $line, $at->from, $whole);
            if ($part->text === null) {
                yield Step::Stray => $part->says("A line has a name, \"{$this->between}\" and a chord.", $at);

                continue;
            }
            yield Step::In => $part;
            yield Step::Out => $part;
            if ($section !== null) {
                $section->to = $section->end = $whole->to;
            }
        }
        if ($section !== null) {
            yield Step::Out => $section;
        }
    }

    private function sectionHead(string $said, int $blank, int $length, int $line, int $offset): ?Part
    {
        if ($this->section === null) {
            return null;
        }
        [$open, $close] = $this->section;
        $inner = substr($said, $blank, $length - $blank);
        if (! str_starts_with($inner, $open) || ! str_ends_with($inner, $close) || strlen($inner) < strlen($open.$close)) {
            return null;
        }
        $raw = substr($inner, strlen($open), strlen($inner) - strlen($open.$close));
        $name = trim($raw);
        $from = $offset + $blank + strlen($open) + strspn($raw, " \t");

        return new Part($name, new Span($from, $from + strlen($name)), $line, $offset);
    }

    private function line(string $said, int $blank, int $length, int $line, int $offset, Span $whole): Part
    {
        $cut = strpos(substr($said, 0, $length), $this->between, $blank + 1);
        if ($cut === false) {
            $part = new Part(null, null, $line, $whole->from);
            $part->to = $whole->to;

            return $part;
        }
        $name = rtrim(substr($said, $blank, $cut - $blank));
        $valueFrom = $cut + strlen($this->between);
        $valueFrom += strspn(substr($said, 0, $length), " \t", $valueFrom);
        $value = rtrim(substr($said, $valueFrom, $length - $valueFrom));
        $part = new Part($name, new Span($offset + $blank, $offset + $blank + strlen($name)), $line, $whole->from);
        $part->says($value, new Span($offset + $valueFrom, $offset + $valueFrom + strlen($value)));
        $part->to = $whole->to;

        return $part;
    }

    /** How much of the line stands before its comment and the blanks before that. */
    private function lengthWithoutComment(string $said, int $blank): int
    {
        $length = strlen($said);
        foreach ($this->comments as $mark) {
            if (substr_compare($said, $mark, $blank, strlen($mark)) === 0) {
                return 0;
            }
            foreach ([' ', "\t"] as $before) {
                $at = strpos($said, $before.$mark);
                $length = $at === false ? $length : min($length, $at);
            }
        }

        return strlen(rtrim(substr($said, 0, $length)));
    }

    public function written(string $value, string $old): string
    {
        return $value;
    }

    public function further(string $name, string $value, bool $isQuoted, Part $beside): ?string
    {
        return null;
    }
}
