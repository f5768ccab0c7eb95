<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keyboard\Chord;

/** A command whose chords a change touches: what the hands know now and what they must learn. */
final readonly class Relearning
{
    /**
     * @param  list<Chord>  $before
     * @param  list<Chord>  $after  empty when the command is left without a chord
     * @param  float|null  $effortBefore  mm of travel for the first chord; null where there is none, or the board has no such key
     */
    public function __construct(
        public string $command,
        public array $before,
        public array $after,
        public ?float $effortBefore,
        public ?float $effortAfter,
    ) {
    }
}
