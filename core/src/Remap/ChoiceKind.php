<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Remap;

enum ChoiceKind: string
{
    /** The command keeps the chords it has and gets this one too. */
    case AddBeside = 'add-beside';
    /** The command lets go of its old chord and gets this one. */
    case Replace = 'replace';
    /** Whoever holds the chord in this context loses it. */
    case TakeOver = 'take-over';
    /** The holder gets the command's old chord. */
    case Swap = 'swap';
    case Remove = 'remove';
}
