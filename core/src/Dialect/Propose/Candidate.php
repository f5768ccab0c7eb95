<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

/**
 * A shape, and in it the parts that could hold bindings, with what stands where in them.
 *
 * @phpstan-import-type ShapeData from \Zebrafinch\Core\Dialect\Description
 */
final readonly class Candidate
{
    /**
     * @param  ShapeData  $shape
     * @param  float  $score  the higher the likelier; of use only beside others
     * @param  array{Slot, string, string}|null  $gesture
     * @param  list<string>  $beside  names of places of no use
     */
    public function __construct(
        public array $shape,
        public Group $group,
        public float $score,
        public ChordGuess $chords,
        public Slot $command,
        public ?Slot $context,
        public ?Slot $title,
        public ?array $gesture,
        public array $beside,
    ) {
    }
}
