<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use Zebrafinch\Core\Text\Span;

/** A part of a key file with what stands in it: a section, a line, a row and its cells, an element, a member, an item, a call. */
final class Part
{
    /** @var list<Part> in file order */
    public array $parts = [];

    /** What it says, decoded; null for one that only holds others. */
    public ?string $text = null;

    /** What is written over to say something else, quotes included where the form has any. */
    public ?Span $textAt = null;

    /** Whether it is written as a text; a number or a bare word is not. */
    public bool $isQuoted = true;

    /** Whether the parts that it holds have commas between them, which come and go with them. */
    public bool $isSeparated = false;

    /** The offset at which its first sign stands; it is told apart from others by it. */
    public readonly int $start;

    /** Where it ends: with its line end where it has its lines to itself. */
    public int $to;

    /** Where what it holds ends, and another part would begin. */
    public int $end;

    /**
     * @param  string|null  $name  null for rows and items, which have none
     * @param  Span|null  $nameAt  quotes included
     * @param  int  $line  counted from 1
     * @param  int  $from  the offset at which it begins, with the blanks that indent it where the form lets them go with it
     */
    public function __construct(public readonly ?string $name, public readonly ?Span $nameAt, public readonly int $line, public int $from)
    {
        $this->to = $this->end = $this->start = $from;
    }

    public function says(string $text, Span $at, bool $isQuoted = true): self
    {
        [$this->text, $this->textAt, $this->isQuoted] = [$text, $at, $isQuoted];
        $this->to = $this->end = $at->to;

        return $this;
    }

    public function at(): Span
    {
        return new Span($this->from, $this->to);
    }
}
