<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

/** A line of a key file with what was understood of it. */
final readonly class MarkedLine
{
    /**
     * @param  int  $number  counted from 1
     * @param  list<LineMark>  $marks  in the order of the line
     * @param  string|null  $left  why something on it that could be a binding was not read; null where nothing was left
     */
    public function __construct(public int $number, public string $text, public array $marks, public ?string $left)
    {
    }

    public function isRead(): bool
    {
        return $this->left === null &&
            array_filter($this->marks, static fn (LineMark $one): bool => $one->is !== Role::Context->value) !== [];
    }
}
