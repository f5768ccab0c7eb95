<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/** One intent in one application, which a chord is chosen for. */
final readonly class Slot
{
    /**
     * @param  int  $intent  its index in {@see Instance::$intents}
     * @param  int  $application  its index in {@see Instance::$applications}
     * @param  float|null  $unbound  what it costs to leave it without a chord; null where it must have one
     * @param  array<int, float>  $options  what each chord that it can have costs here, by the chord's index in {@see Instance::$chords}
     */
    public function __construct(public int $intent, public int $application, public ?float $unbound, public array $options)
    {
    }
}
