<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

/** What becomes of one rung when the chord is pressed. */
enum Verdict: string
{
    case Wins = 'wins';
    /** A context that is asked before this one has the chord. */
    case Hidden = 'hidden';
    /** Another line for the same chord in the same place is loaded instead. */
    case Dead = 'dead';
    /** The application refuses its whole key file because of this chord. */
    case Refused = 'refused';
    /** The focus takes text, so the chord types its character. */
    case Typed = 'typed';
    case Unbound = 'unbound';
}
