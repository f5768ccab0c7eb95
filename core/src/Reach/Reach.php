<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

use Zebrafinch\Core\Keyboard\Chord;

/** How one chord can be pressed at one seat. */
final readonly class Reach
{
    /** @param  Chord|null  $pressed  what the hands press, where that is not the chord itself */
    public function __construct(public ReachKind $kind, public string $sentence, public ?Chord $pressed = null)
    {
    }
}
