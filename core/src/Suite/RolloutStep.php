<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** How far a rollout has come in one suite. */
enum RolloutStep: string
{
    case Waiting = 'waiting';
    case UnderWay = 'under-way';
    case Done = 'done';
    /** Something there stops the whole rollout until somebody has mended it. */
    case Faulty = 'faulty';
    /** Taken out, or gone back. */
    case Out = 'out';
}
