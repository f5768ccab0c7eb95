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
    /** Another context that is asked at the same time wants something else, and nothing decides. */
    case Undecided = 'undecided';
    /** The application refuses its whole key file, because of this chord or another. */
    case Refused = 'refused';
    /** The focus takes text, so the chord types its character. */
    case Typed = 'typed';
    case Unbound = 'unbound';
}
