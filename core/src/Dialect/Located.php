<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Dialect\Shape\Shape;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextEdit;

/** Something that was found in a file: what it says, and where. */
final readonly class Located
{
    /**
     * @param  string  $text  decoded
     * @param  Span  $at  as {@see Part::$textAt}
     * @param  bool  $isQuoted  whether it is written as a text; a number or a bare word is not
     * @param  bool  $isPiece  whether the value says more than this
     */
    public function __construct(
        public string $text,
        public Span $at,
        public Part $part,
        public bool $isQuoted = true,
        public bool $isPiece = false,
    ) {
    }

    /**
     * From the first to the last of some.
     *
     * @param  array<self>  $all
     */
    public static function around(array $all): Span
    {
        $from = PHP_INT_MAX;
        $to = 0;
        foreach ($all as $one) {
            $from = min($from, $one->at->from);
            $to = max($to, $one->at->to);
        }

        return new Span($from, $to);
    }

    /** What stands between two offsets of the decoded text, without the blanks around it. */
    public function piece(int $from, int $to, string $text): self
    {
        $said = substr($this->text, $from, max(0, $to - $from));
        $start = $from + strlen($said) - strlen(ltrim($said));
        $trimmed = trim($said);
        $offsets = EscapedText::offsets($this->at->of($text), $this->text);
        $at =
            $offsets === null
                ? $this->at
                : new Span($this->at->from + ($offsets[$start] ?? 0), $this->at->from + ($offsets[$start + strlen($trimmed)] ?? 0));

        return new self($trimmed, $at, $this->part, $this->isQuoted, true);
    }

    /** What is to be written so that something else is said here; a piece is written inside the quotes that are there. */
    public function over(string $said, Shape $shape, string $text): TextEdit
    {
        $whole = $this->isPiece ? $this->part->textAt ?? $this->at : $this->at;

        return new TextEdit(
            $this->at,
            $this->isPiece ? self::inside($said, $shape, $whole->of($text)) : $shape->written($said, $whole->of($text)),
        );
    }

    /** What is written for a piece inside a value that is there, whose quotes stay. */
    public static function inside(string $said, Shape $shape, string $whole): string
    {
        $written = $shape->written($said, $whole);
        $quote = $whole[0] ?? '';

        return in_array($quote, ['"', "'"], true) && str_starts_with($written, $quote) ? substr($written, 1, -1) : $written;
    }

    /**
     * The pieces between signs that separate them.
     *
     * @param  non-empty-string  $between
     * @return list<self>
     */
    public function pieces(string $between, string $text): array
    {
        $pieces = [];
        $from = 0;
        $length = strlen($this->text);
        while ($from <= $length) {
            // A sign that is the first thing of a piece is a key of that name.
            $lead = strspn($this->text, ' ', $from);
            $cut = $from + $lead + 1 > $length ? false : strpos($this->text, $between, $from + $lead + 1);
            $to = $cut === false ? $length : $cut;
            $pieces[] = $this->piece($from, $to, $text);
            $from = $cut === false ? $length + 1 : $cut + strlen($between);
        }

        return $pieces;
    }
}
