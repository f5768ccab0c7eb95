<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

/** What stands at a place of a file afterwards; an empty place is an insertion. */
final readonly class TextEdit
{
    public function __construct(public Span $at, public string $text)
    {
    }

    public static function insertion(int $offset, string $text): self
    {
        return new self(new Span($offset, $offset), $text);
    }

    public static function removal(Span $at): self
    {
        return new self($at, '');
    }
}
