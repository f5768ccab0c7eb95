<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

/** What an unexpected command does to somebody, the worst first. */
enum Harm: string
{
    case CannotBeUndone = 'cannot-be-undone';
    case Destroys = 'destroys';
    case Disorients = 'loses-place';
    case Harmless = 'harmless';

    public function rank(): int
    {
        return match ($this) {
            self::CannotBeUndone => 0,
            self::Destroys => 1,
            self::Disorients => 2,
            self::Harmless => 3,
        };
    }
}
