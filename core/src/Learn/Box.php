<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/**
 * The compartments of Leitner's card box (Sebastian Leitner, So lernt man lernen, 1972): 1, 2, 5, 8 and 14 cm wide (from memory). What is
 * known moves on to the next, what is missed goes back to the first. A compartment's width stands here for days: a card waits as many.
 */
enum Box: int
{
    case First = 1;
    case Second = 2;
    case Third = 3;
    case Fourth = 4;
    case Fifth = 5;

    public function days(): int
    {
        return match ($this) {
            self::First => 1,
            self::Second => 2,
            self::Third => 5,
            self::Fourth => 8,
            self::Fifth => 14,
        };
    }

    /** Where a known card goes; null for out of the box: it is learned. */
    public function next(): ?self
    {
        return self::tryFrom($this->value + 1);
    }
}
