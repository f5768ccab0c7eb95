<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Change;

/** One way to leave some presses without a clash: what it changes and what that costs. */
final readonly class Repair
{
    /**
     * @param  Press  $press  the first of those whose clashes it settles
     * @param  list<string>  $steps  what is done to each binding, in words
     * @param  array<string, Press>  $touches  by id: all that are otherwise afterwards, and those that it settles
     */
    public function __construct(
        public Press $press,
        public Change $change,
        public float $cost,
        public array $steps,
        public array $touches,
    ) {
    }
}
