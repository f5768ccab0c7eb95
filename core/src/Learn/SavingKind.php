<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** What is slow about the way in which a command is done. */
enum SavingKind: string
{
    /** It is done by mouse though it has a chord. */
    case ByMouse = 'by-mouse';
    /** Its chord is far from the hand on this board, and a free one is nearer. */
    case HardChord = 'hard-chord';
    /** It has no chord that this keyboard can press; the best free one is offered. */
    case NoChord = 'no-chord';
}
