<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

/** How a chord can be pressed on one board, layout and system. The cases run from no trouble to none at all. */
enum ReachKind: string
{
    case AsWritten = 'as-written';
    /** Only with other keys than the chord names: a level of the layout, or Fn. */
    case OtherKeys = 'other-keys';
    /** AltGr takes part, which on Windows is Control and Alt. */
    case NeedsAltGr = 'needs-alt-gr';
    /** The character waits on a dead key. */
    case DeadKey = 'dead-key';
    case NotOnBoard = 'not-on-board';
    /** What the layout's third level types on the system is not known, and it may be there. */
    case Unknown = 'unknown';
    /** The system or the browser takes it before any application. */
    case Reserved = 'reserved';

    /** Whether the chord comes to the application at all. */
    public function arrives(): bool
    {
        return in_array($this, [self::AsWritten, self::OtherKeys, self::NeedsAltGr, self::Unknown], true);
    }
}
