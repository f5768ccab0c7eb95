<?php

declare(strict_types=1);

namespace App\Harmonise;

enum HarmonisationState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    /** Nothing could be harmonised; the result says why. */
    case Refused = 'refused';
    case Cancelled = 'cancelled';
    case Failed = 'failed';
    case Applied = 'applied';
    case Undone = 'undone';

    /** @return list<self> those in which the search has not ended */
    public static function open(): array
    {
        return [self::Waiting, self::Running];
    }
}
