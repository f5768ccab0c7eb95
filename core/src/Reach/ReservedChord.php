<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

use Zebrafinch\Core\Keyboard\Chord;

/** A chord that never comes to an application. */
final readonly class ReservedChord
{
    /**
     * @param  Chord  $chord  as it is held on the system
     * @param  string  $does  what it does instead, as in "… switches between applications"
     * @param  string  $origin  where this is known from
     */
    public function __construct(public Chord $chord, public ReservedBy $by, public string $does, public string $origin)
    {
    }
}
