<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Keyboard\Chord;

/** The next best choice for one command while all others stay as they were chosen. */
final readonly class RunnerUp
{
    /**
     * @param  Chord|null  $chord  null for none at all
     * @param  float  $dearer  what it costs more, in the units of {@see Weights}
     * @param  non-empty-list<array{float, string}>  $parts  what makes it dearer, or cheaper where below nought, the largest first; they
     *     add up to what it costs more
     */
    public function __construct(public ?Chord $chord, public bool $isNow, public float $dearer, public array $parts)
    {
    }

    /** What makes most of the difference. */
    public function reason(): string
    {
        return $this->parts[0][1];
    }
}
