<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Change;

/** One way to leave a press without a fault: what it changes and what that costs. */
final readonly class Repair
{
    /**
     * @param  Press  $press  whose faults it settles
     * @param  list<string>  $steps  what is done to each binding, in words
     * @param  array<string, list<string>>  $takes  contexts in which it takes a chord that was free, by the id of the press and the gesture
     */
    public function __construct(public Press $press, public Change $change, public float $cost, public array $steps, public array $takes)
    {
    }
}
