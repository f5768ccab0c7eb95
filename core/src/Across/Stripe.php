<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Intent\Correspondence;
use Zebrafinch\Core\Intent\Intent;

/** One intent across the chosen applications, or across the contexts of one, in their order. */
final readonly class Stripe
{
    /**
     * @param  non-empty-list<StripeCell>  $cells
     * @param  float|null  $agreement  share of pairs with the same first chord, from 0 to 1; null with fewer than two that have the command
     * @param  float  $weight  how much it counts; see {@see \Zebrafinch\Core\Usage\Importance}
     */
    private function __construct(
        public Intent $intent,
        public array $cells,
        public StripeState $state,
        public ?float $agreement,
        public float $weight,
    ) {
    }

    /** @param  non-empty-list<StripeCell>  $cells */
    public static function of(Intent $intent, array $cells, float $weight): self
    {
        $having = 0;
        $bound = 0;
        $isNear = false;
        /** @var array<string, int> $chords how many cells have each first chord */
        $chords = [];
        foreach ($cells as $cell) {
            if ($cell->command === null) {
                continue;
            }
            $having++;
            $isNear = $isNear || $cell->match?->correspondence === Correspondence::Near;
            if ($cell->first !== null) {
                $bound++;
                $chords[$cell->first] = ($chords[$cell->first] ?? 0) + 1;
            }
        }
        $same = 0;
        foreach ($chords as $count) {
            $same += intdiv($count * ($count - 1), 2);
        }
        $state = match (true) {
            $having < 2 || $bound === 0 => StripeState::Single,
            count($chords) > 1 => StripeState::Broken,
            $bound < $having => StripeState::Partial,
            $isNear => StripeState::Differs,
            default => StripeState::Whole,
        };

        return new self($intent, $cells, $state, $having < 2 ? null : $same / intdiv($having * ($having - 1), 2), $weight);
    }

    /**
     * The most broken first, and of those the ones that are wanted most.
     *
     * @param  list<self>  $stripes
     * @return list<self>
     */
    public static function byDamage(array $stripes): array
    {
        usort(
            $stripes,
            static fn (self $one, self $other): int => [$one->state->rank(), -$one->weight] <=> [$other->state->rank(), -$other->weight],
        );

        return $stripes;
    }
}
