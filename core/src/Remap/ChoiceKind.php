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
    /** Whoever holds the chord in this context loses it, and the command lets go of its old one. */
    case TakeOverInstead = 'take-over-instead';
    /** As well, and the contexts around and inside lose the chord too, so that nothing hides anything. */
    case FreeAround = 'free-around';
    /** The holder gets the command's old chord. */
    case Swap = 'swap';
    case Remove = 'remove';
}
