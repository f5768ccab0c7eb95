<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

/** What harmonising strives for. Each weight is what one use is worth, in key pitches that the hand travels; common practice, no source. */
final readonly class Weights
{
    /**
     * @param  float  $comfort  for each key pitch of travel; below 1, so that a chord that all share is not moved for its comfort alone
     * @param  float  $habit  for a chord that is not the one of today
     * @param  float  $alike  for each further chord of one intent
     * @param  float  $clear  for each further intent on one chord, at the usage of a typical command
     * @param  float  $bound  for having no chord
     * @param  float  $others  for a command outside the scope that loses its chord
     */
    public function __construct(
        public float $comfort = 0.4,
        public float $habit = 6.0,
        public float $alike = 4.0,
        public float $clear = 6.0,
        public float $bound = 40.0,
        public float $others = 12.0,
    ) {
    }

    /** @param  array<string, float>  $factors  by name: how much it matters, 1 for as usual; what is absent is as usual */
    public static function mattering(array $factors): self
    {
        $usual = new self();

        return new self(
            $usual->comfort * ($factors['comfort'] ?? 1),
            $usual->habit * ($factors['habit'] ?? 1),
            $usual->alike * ($factors['alike'] ?? 1),
            $usual->clear * ($factors['clear'] ?? 1),
            $usual->bound * ($factors['bound'] ?? 1),
            $usual->others * ($factors['others'] ?? 1),
        );
    }

    /** @return array<string, float> */
    public function toData(): array
    {
        return [
            'comfort' => $this->comfort,
            'habit' => $this->habit,
            'alike' => $this->alike,
            'clear' => $this->clear,
            'bound' => $this->bound,
            'others' => $this->others,
        ];
    }
}
