<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** What is true of an intent in whatever application it is carried out. */
enum IntentTrait: string
{
    case Destructive = 'destructive';
    /** Cannot be undone. */
    case Irreversible = 'irreversible';
    /** Leaves somebody somewhere else, or with something else selected, than they were. */
    case Disorients = 'loses-place';
    /** Goes on while the key is down. */
    case Repeats = 'repeats';
    /** Lasts while the key is down, then the previous state returns. */
    case Momentary = 'momentary';
}
