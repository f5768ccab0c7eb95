<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

enum ProblemKind: string
{
    /** A clash that makes a key dead, or a whole file. */
    case Fault = 'fault';
    /** A chord that a keyboard has no press for, and nothing that could stand in for it. */
    case LostChord = 'lost-chord';
    /** A fixed chord of the house standard that means something else, or nothing. */
    case FixedBroken = 'fixed-broken';
    /** A suite has an application that nothing is given for. */
    case NoFile = 'no-file';

    /** Whether it keeps a key file from reaching a suite. */
    public function stops(): bool
    {
        return $this === self::Fault;
    }
}
