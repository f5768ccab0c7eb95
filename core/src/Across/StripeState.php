<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

/** How alike the applications are in one intent. The order of the cases is the order of the damage. */
enum StripeState: string
{
    /** At least two have a chord, and not the same. */
    case Broken = 'broken';
    /** Some have a chord and some have the command without one. */
    case Partial = 'partial';
    /** The same chord, but one of the commands behaves differently. */
    case Differs = 'differs';
    case Whole = 'whole';
    /** Fewer than two applications have the command, or none has a chord for it. */
    case Single = 'single';

    /** Whether another chord can make it whole, or more nearly so. */
    public function canBeMended(): bool
    {
        return $this === self::Broken || $this === self::Partial;
    }

    public function rank(): int
    {
        return match ($this) {
            self::Broken => 0,
            self::Partial => 1,
            self::Differs => 2,
            self::Whole => 3,
            self::Single => 4,
        };
    }
}
