<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

enum RolloutState: string
{
    /** Somebody without the right to start it wants it. */
    case Proposed = 'proposed';
    /** It begins at an hour that is not there yet. */
    case Planned = 'planned';
    case Running = 'running';
    case Paused = 'paused';
    /** It stopped by itself at a fault. */
    case Stopped = 'stopped';
    case Done = 'done';
    case Cancelled = 'cancelled';
    case GoneBack = 'gone-back';

    /** @return list<self> those in which something may still happen, by itself or by somebody's going on */
    public static function open(): array
    {
        return [self::Planned, self::Running, self::Paused, self::Stopped];
    }
}
