<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** Where a file that a suite should have comes from. */
enum Source: string
{
    /** The release that the suite follows. */
    case Release = 'release';
    /** The kit of whoever sits there. */
    case Guest = 'guest';
    /** As it was before somebody sat down, byte for byte. */
    case AsFound = 'as-found';
    /** The suite's own: what was changed by hand there and stays, or came of a merge for this suite alone. */
    case Own = 'own';
}
