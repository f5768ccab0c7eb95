<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

use Zebrafinch\Core\Keyboard\Chord;

/** A chord that a command could have without any clash. */
final readonly class Offer
{
    /**
     * @param  float  $effort  mm of travel
     * @param  list<string>  $reasons  what speaks for it, each a short clause
     */
    public function __construct(public Chord $chord, public float $effort, public array $reasons)
    {
    }
}
