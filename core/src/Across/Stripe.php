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
     * @param  float|null  $agreement  share of pairs that have a chord in common, from 0 to 1; null with fewer than two that have the
     *     command
     * @param  float  $weight  how much it counts; see {@see \Zebrafinch\Core\Usage\Importance}
     * @param  string|null  $common  press and gesture of the chord that most of them have; null where no two share one
     * @param  list<bool>  $runsOn  by cell: whether it shows the same chord as the nearest one on its left that has the command
     * @param  list<bool>  $runsThrough  by cell: whether it has no such command, and those on both sides of it show the same chord
     */
    private function __construct(
        public Intent $intent,
        public array $cells,
        public StripeState $state,
        public ?float $agreement,
        public float $weight,
        public ?string $common,
        public array $runsOn,
        public array $runsThrough,
    ) {
    }

    /** @param  non-empty-list<StripeCell>  $cells */
    public static function of(Intent $intent, array $cells, float $weight): self
    {
        $having = [];
        $bound = [];
        $isNear = false;
        foreach ($cells as $cell) {
            if ($cell->command !== null) {
                $having[] = $cell;
                $isNear = $isNear || $cell->match?->correspondence === Correspondence::Near;
                if ($cell->byPress !== []) {
                    $bound[] = $cell;
                }
            }
        }
        $same = self::alike($bound);
        $apart = intdiv(count($bound) * (count($bound) - 1), 2) - $same;
        $bound = count($bound);
        $state = match (true) {
            count($having) < 2 || $bound === 0 => StripeState::Single,
            $apart > 0 => StripeState::Broken,
            $bound < count($having) => StripeState::Partial,
            $isNear => StripeState::Differs,
            default => StripeState::Whole,
        };
        $common = self::common($having);
        $agreement = count($having) < 2 ? null : $same / intdiv(count($having) * (count($having) - 1), 2);

        $runsOn = self::runs($cells, $common);

        return new self($intent, $cells, $state, $agreement, $weight, $common, $runsOn, self::through($cells, $runsOn));
    }

    /** @param  list<StripeCell>  $bound */
    private static function alike(array $bound): int
    {
        $pairs = 0;
        foreach ($bound as $number => $one) {
            for ($other = $number + 1; $other < count($bound); $other++) {
                $pairs += $one->agreesWith($bound[$other]) ? 1 : 0;
            }
        }

        return $pairs;
    }

    /** @param  list<StripeCell>  $having */
    private static function common(array $having): ?string
    {
        $counts = [];
        foreach ($having as $cell) {
            foreach ($cell->byPress as $press => $binding) {
                $counts[$press] = ($counts[$press] ?? 0) + 1;
            }
        }
        $most = $counts === [] ? 0 : max($counts);

        return $most < 2 ? null : (string) array_search($most, $counts, true);
    }

    /**
     * @param  list<StripeCell>  $cells
     * @return list<bool>
     */
    private static function runs(array $cells, ?string $common): array
    {
        $runs = [];
        $left = null;
        foreach ($cells as $cell) {
            $shown = $common !== null && isset($cell->byPress[$common]) ? $common : array_key_first($cell->byPress);
            $runs[] = $cell->command !== null && $shown !== null && $shown === $left;
            $left = $cell->command === null ? $left : $shown;
        }

        return $runs;
    }

    /**
     * @param  list<StripeCell>  $cells
     * @param  list<bool>  $runsOn
     * @return list<bool>
     */
    private static function through(array $cells, array $runsOn): array
    {
        $through = [];
        $next = false;
        for ($index = count($cells) - 1; $index >= 0; $index--) {
            $isThere = $cells[$index]->command !== null;
            $through[$index] = ! $isThere && $next;
            $next = $isThere ? $runsOn[$index] : $next;
        }
        ksort($through);

        return array_values($through);
    }

    /**
     * The most broken first, and of those the ones that are wanted most.
     *
     * @param  list<self>  $stripes
     * @return list<self>
     */
    public static function byDamage(array $stripes): array
    {
        $ranks = [];
        $weights = [];
        foreach ($stripes as $stripe) {
            $ranks[] = $stripe->state->rank();
            $weights[] = -$stripe->weight;
        }
        $order = array_keys($stripes);
        array_multisort($ranks, $weights, $order);

        return array_map(static fn (int $index): self => $stripes[$index], $order);
    }
}
