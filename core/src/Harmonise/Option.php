<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Keymap\Binding;

/** One chord that a slot can have, and what it costs there; each part is in the units of {@see Weights}. */
final readonly class Option
{
    /**
     * @param  float  $comfort  for the way of the hand
     * @param  float  $habit  for having to learn it
     * @param  float  $others  for the commands that lose their chord to it
     * @param  list<Binding>  $displaced  those commands' bindings
     */
    public function __construct(public float $comfort, public float $habit, public float $others, public array $displaced)
    {
    }

    public function cost(): float
    {
        return $this->comfort + $this->habit + $this->others;
    }
}
