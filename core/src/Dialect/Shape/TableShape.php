<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;

/** A row for each binding, with its columns in one order; a row of their names may come first, and heads of sections between. */
final readonly class TableShape implements Shape
{
    /**
     * @param  non-empty-string  $separator  between fields; a blank stands for any number of blanks and tabs
     * @param  bool  $hasQuotes  whether fields may stand in quotes as in RFC 4180, line ends included
     * @param  list<string>|null  $header  the first names of the row of names; null where the file has none, and columns are counted
     * @param  array{string, string}|null  $section  what stands before and behind the name of a section
     * @param  list<string>  $comments  what begins a line that is a comment
     */
    public function __construct(
        private string $separator,
        private bool $hasQuotes,
        private ?array $header,
        private ?array $section,
        private array $comments,
    ) {
    }

    public function walk(string $text): iterable
    {
        $offset = ByteOrderMark::length($text);
        $length = strlen($text);
        $line = 1;
        $columns = null;
        $section = null;
        while ($offset < $length) {
            $lineTo = $offset + strcspn($text, "\r\n", $offset);
            $said = substr($text, $offset, $lineTo - $offset);
            $next = $lineTo + Lines::endLength($text, $lineTo);
            if (trim($said) === '' || $this->isComment($said)) {
                $offset = $next;
                $line++;

                continue;
            }
            $head = $this->sectionHead($said, $offset, $next, $line);
            if ($head !== null) {
                if ($section !== null) {
                    yield Step::Out => $section;
                }
                yield Step::In => ($section = $head);
                $offset = $next;
                $line++;

                continue;
            }
            $row = $this->row($text, $offset, $line);
            if ($columns === null && $this->header !== null) {
                $columns = $this->columns($row, $said, $line);
            } else {
                foreach ($row->parts as $index => $cell) {
                    $row->parts[$index] = $this->named($cell, $columns[$index] ?? (string) ($index + 1));
                }
                yield Step::In => $row;
                yield Step::Out => $row;
            }
            $line += Lines::ends(substr($text, $offset, $row->to - $offset));
            $offset = $row->to;
            if ($section !== null) {
                $section->to = $section->end = $offset;
            }
        }
        if ($columns === null && $this->header !== null) {
            throw UnexpectedForm::header($this->header, $this->separator, 'nothing', 1);
        }
        if ($section !== null) {
            yield Step::Out => $section;
        }
    }

    private function isComment(string $said): bool
    {
        foreach ($this->comments as $mark) {
            if (str_starts_with(ltrim($said, " \t"), $mark)) {
                return true;
            }
        }

        return false;
    }

    private function sectionHead(string $said, int $offset, int $next, int $line): ?Part
    {
        $inner = trim($said);
        if ($this->section === null || ! str_starts_with($inner, $this->section[0]) || ! str_ends_with($inner, $this->section[1])) {
            return null;
        }
        $name = trim(substr($inner, strlen($this->section[0]), strlen($inner) - strlen(implode('', $this->section))));
        $from = $offset + (int) strpos($said, $name, (int) strpos($said, $this->section[0]) + strlen($this->section[0]));
        $part = new Part($name, new Span($from, $from + strlen($name)), $line, $offset);
        $part->to = $part->end = $next;

        return $part;
    }

    /** @throws MalformedText */
    private function row(string $text, int $offset, int $line): Part
    {
        $row = new Part(null, null, $line, $offset);
        $at = $offset;
        if ($this->separator === ' ') {
            $at += strspn($text, " \t", $at);
        }
        do {
            $cell = $this->cell($text, $at, $line);
            $row->parts[] = $cell;
            $at = $cell->to;
            $step = $this->separator === ' ' ? strspn($text, " \t", $at) : 0;
            $isMore =
                $this->separator === ' '
                    ? $step > 0 && ! in_array($text[$at + $step] ?? "\n", ["\r", "\n"], true)
                    : substr_compare($text, $this->separator, min($at, strlen($text)), strlen($this->separator)) === 0;
            $at += $this->separator === ' ' ? $step : ($isMore ? strlen($this->separator) : 0);
            if (count($row->parts) > Bounds::MOST_FIELDS) {
                throw MalformedText::at($line, 'it has more than '.Bounds::MOST_FIELDS.' fields');
            }
        } while ($isMore);
        $row->to = $at + Lines::endLength($text, $at);

        return $row;
    }

    /** @throws MalformedText */
    private function cell(string $text, int $at, int $line): Part
    {
        $cell = new Part(null, null, $line, $at);
        if ($this->hasQuotes && ($text[$at] ?? '') === '"') {
            $stop = $this->separator === ' ' ? '[ \t]' : preg_quote($this->separator, '/');
            if (preg_match('/\G"((?:[^"]|"")*+)"(?='.$stop.'|\r|\n|$)/D', $text, $found, 0, $at) !== 1) {
                throw MalformedText::at($line, 'a field in quotes is not closed, or goes on behind its closing quote');
            }

            return $cell->says(str_replace('""', '"', $found[1]), new Span($at, $at + strlen($found[0])));
        }
        $to = $this->endOfField($text, $at);

        return $cell->says(substr($text, $at, $to - $at), new Span($at, $to));
    }

    /** Where an unquoted field ends. Nothing behind it is looked at: a line may be as long as the file. */
    private function endOfField(string $text, int $at): int
    {
        if ($this->separator === ' ') {
            return $at + strcspn($text, " \t\r\n", $at);
        }
        $length = strlen($this->separator);
        do {
            $at += strcspn($text, "\r\n{$this->separator[0]}", $at);
            $isSeparatorsFirst = ($text[$at] ?? '') === $this->separator[0];
            if (! $isSeparatorsFirst || substr_compare($text, $this->separator, $at, $length) === 0) {
                return $at;
            }
            $at++;
        } while (true);
    }

    private function named(Part $cell, string $name): Part
    {
        $named = new Part($name, null, $cell->line, $cell->from);

        return $cell->textAt === null ? $named : $named->says((string) $cell->text, $cell->textAt);
    }

    /**
     * @return list<string>
     *
     * @throws UnexpectedForm
     */
    private function columns(Part $row, string $said, int $line): array
    {
        $names = array_map(static fn (Part $cell): string => trim((string) $cell->text), $row->parts);
        if (array_slice($names, 0, count($this->header ?? [])) !== $this->header) {
            throw UnexpectedForm::header($this->header ?? [], $this->separator, '"'.mb_strimwidth($said, 0, 60, '…').'"', $line);
        }

        return $names;
    }

    public function written(string $value, string $old): string
    {
        $isQuoted = $this->hasQuotes && str_starts_with($old, '"');
        $needsQuotes = $this->hasQuotes && (preg_match('/["\r\n]/', $value) === 1 || str_contains($value, $this->separator));

        return $isQuoted || $needsQuotes ? '"'.str_replace('"', '""', $value).'"' : $value;
    }

    public function further(string $name, string $value, bool $isQuoted, Part $beside): ?string
    {
        return null;
    }
}
