<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** What is true of a wish in whatever application it is fulfilled. */
enum IntentTrait: string
{
    case Destructive = 'destructive';
    /** Goes on while the key is down. */
    case Repeats = 'repeats';
    /** Lasts while the key is down, then the previous state returns. */
    case Momentary = 'momentary';
}
