<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match;

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
        return new self($intent, $cells, self::stateOf($cells), self::agreementOf($cells), $weight);
    }

    /**
     * The most broken first, and of those the ones that are wanted most.
     *
     * @param  list<self>  $stripes
     * @return list<self>
     */
    public static function byDamage(array $stripes): array
    {
        usort($stripes, static fn (self $one, self $other): int => [$one->state->rank(), -$one->weight] <=> [$other->state->rank(), -$other->weight]);

        return $stripes;
    }

    /** @param  non-empty-list<StripeCell>  $cells */
    private static function stateOf(array $cells): StripeState
    {
        $having = array_values(array_filter($cells, static fn (StripeCell $cell): bool => $cell->command !== null));
        $bound = array_filter(self::firsts($having), static fn (?string $press): bool => $press !== null);
        $near = array_filter($having, static fn (StripeCell $cell): bool => $cell->match?->correspondence === Correspondence::Near);

        return match (true) {
            count($having) < 2 || $bound === [] => StripeState::Single,
            count(array_unique($bound)) > 1 => StripeState::Broken,
            count($bound) < count($having) => StripeState::Partial,
            $near !== [] => StripeState::Differs,
            default => StripeState::Whole,
        };
    }

    /** @param  list<StripeCell>  $cells */
    private static function agreementOf(array $cells): ?float
    {
        $firsts = self::firsts(array_filter($cells, static fn (StripeCell $cell): bool => $cell->command !== null));
        $pairs = 0;
        $same = 0;
        foreach ($firsts as $place => $one) {
            foreach (array_slice($firsts, $place + 1) as $other) {
                $pairs++;
                $same += (int) ($one !== null && $one === $other);
            }
        }

        return $pairs === 0 ? null : $same / $pairs;
    }

    /**
     * @param  array<StripeCell>  $cells
     * @return list<string|null>
     */
    private static function firsts(array $cells): array
    {
        return array_values(array_map(static fn (StripeCell $cell): ?string => $cell->first, $cells));
    }
}
