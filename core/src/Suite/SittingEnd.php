<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

enum SittingEnd: string
{
    case Left = 'left';
    case TimeUp = 'time-up';
    /** Somebody else sat down. */
    case Followed = 'followed';
    /** The suite keeper freed the suite. */
    case Freed = 'freed';

    public function inWords(): string
    {
        return match ($this) {
            self::Left => 'left',
            self::TimeUp => 'time was up',
            self::Followed => 'somebody else sat down',
            self::Freed => 'the suite was freed',
        };
    }
}
