<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Text\Span;

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

    /** What stands between two offsets of the decoded text. Where it is written with escapes, the whole stands for its pieces. */
    public function piece(int $from, int $to, string $text): self
    {
        $raw = $this->at->of($text);
        $lead = strpos($raw, $this->text);
        $said = substr($this->text, $from, max(0, $to - $from));
        $trimmed = ltrim($said);
        $start = $this->at->from + (int) $lead + $from + strlen($said) - strlen($trimmed);
        $trimmed = rtrim($trimmed);

        return new self(
            $trimmed,
            $lead === false ? $this->at : new Span($start, $start + strlen($trimmed)),
            $this->part,
            $this->isQuoted,
            true,
        );
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
