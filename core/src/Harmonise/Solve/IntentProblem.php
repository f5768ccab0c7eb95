<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * One intent alone, once everything that ties it to others has a price: a facility problem with few clients. Opening a chord costs
 * the second-chord cost and the chord's own price, each slot pays for its chord, and the first chord's opening is given back.
 * Solved exactly by dynamic programming over sets of slots.
 *
 * Plain arrays and loops throughout: this is where nearly all time goes.
 */
final class IntentProblem
{
    /** @var array<int, int> of the last solution, by index in {@see}: the chord, or -1 for none */
    public array $choice = [];

    /** @var array<int, int> indexes in {@see} that are worth looking at between full solutions */
    public array $shortlist = [];

    /** @var array<int, float> what is at stake in each slot: what its options cost on average above the cheapest */
    public readonly array $stakes;

    private readonly int $full;

    /** @var array<int, float> by set of slots: the least that serving it costs, openings included, the first not given back */
    private array $rest = [];

    private float $value = 0.0;

    /**
     * @var array<int, array<int, float>> of the last full solution, by chord, then by set of slots: what serving the set with the chord
     *     costs, its opening included
     */
    private array $sums = [];

    /** @var array<int, array<int, float>> what chords cost by slot, before anything was taken out */
    private readonly array $own;

    /**
     * @param  array<int, int>  $slots  indexes in the instance
     * @param  array<int, int>  $chords  indexes in the instance
     * @param  array<int, array<int, float>>  $costs  by chord, then by slot; INF where it is no option
     * @param  array<int, float>  $unbound  by slot; INF where it must have a chord
     * @param  array<int, array<int, int>>  $groups  by slot
     * @param  int  $allChords  how many the instance has; prices of group g and chord c stand at g * $allChords + c
     */
    public function __construct(
        public readonly array $slots,
        public array $chords,
        public array $costs,
        private array $unbound,
        public readonly array $groups,
        private readonly float $opening,
        private readonly int $allChords,
    ) {
        $this->full = (1 << count($slots)) - 1;
        $this->choice = array_fill(0, count($slots), -1);
        $this->stakes = array_map(static function (int $slot) use ($costs): float {
            $options = array_filter(array_column($costs, $slot), static fn (float $cost): bool => $cost < INF);

            return $options === [] ? 1.0 : max(1e-6, array_sum($options) / count($options) - min($options));
        }, array_keys($slots));
        $this->own = array_combine($chords, $costs);
    }

    /**
     * The least that the intent costs at these prices; {@see $choice} says how.
     *
     * @param  array<int, float>  $capacity  price of each chord in each group
     * @param  array<int, float>  $misleading  price of opening each chord
     * @param  array<int, int>|null  $among  indexes in {@see $chords}; all when null
     */
    public function solve(array $capacity, array $misleading, ?array $among = null): float
    {
        $full = $this->full;
        $served = array_fill(0, $full + 1, INF);
        $by = array_fill(0, $full + 1, -1);
        $sum = [0.0];
        $sums = [];
        foreach ($among ?? array_keys($this->chords) as $index) {
            $chord = $this->chords[$index];
            $sum[0] = $this->opening + $misleading[$chord];
            $bit = 1;
            foreach ($this->costs[$index] as $slot => $price) {
                foreach ($this->groups[$slot] as $group) {
                    $price += $capacity[$group * $this->allChords + $chord];
                }
                for ($set = 0; $set < $bit; $set++) {
                    $with = $sum[$set] + $price;
                    $sum[$bit | $set] = $with;
                    if ($with < $served[$bit | $set]) {
                        $served[$bit | $set] = $with;
                        $by[$bit | $set] = $chord;
                    }
                }
                $bit <<= 1;
            }
            if ($among === null) {
                $sums[] = $sum;
            }
        }
        $this->sums = $sums;

        return $this->put($served, $by);
    }

    /**
     * @param  array<int, float>  $served  by set: the cheapest single chord for it, opening included
     * @param  array<int, int>  $by  that chord
     */
    private function put(array $served, array $by): float
    {
        $full = $this->full;
        $rest = [0.0];
        $first = [0];
        for ($set = 1; $set <= $full; $set++) {
            $low = $set & -$set;
            $others = $set ^ $low;
            $least = $this->unboundAt($low) + $rest[$others];
            $taken = 0;
            for ($sub = $others; ; $sub = ($sub - 1) & $others) {
                $cost = $served[$sub | $low] + $rest[$others ^ $sub];
                if ($cost < $least) {
                    $least = $cost;
                    $taken = $sub | $low;
                }
                if ($sub === 0) {
                    break;
                }
            }
            $rest[$set] = $least;
            $first[$set] = $taken;
        }
        $this->rest = $rest;
        $none = array_sum($this->unbound);
        $start = 0;
        $used = INF;
        for ($set = 1; $set <= $full; $set++) {
            if ($used > $served[$set] + $rest[$full ^ $set]) {
                $used = $served[$set] + $rest[$full ^ $set];
                $start = $set;
            }
        }
        $used -= $this->opening;
        $choice = array_fill(0, count($this->slots), -1);
        if ($used < $none) {
            $this->give($choice, $start, $by[$start]);
            for ($set = $full ^ $start; $set !== 0;) {
                $taken = $first[$set] ?? 0;
                if ($taken !== 0) {
                    $this->give($choice, $taken, $by[$taken]);
                }
                $set ^= $taken === 0 ? $set & -$set : $taken;
            }
        }
        $this->choice = $choice;

        return $this->value = min($used, $none);
    }

    private function unboundAt(int $bit): float
    {
        for ($slot = 0; $bit > 1; $bit >>= 1) {
            $slot++;
        }

        return $this->unbound[$slot];
    }

    /** @param  array<int, int>  $choice */
    private function give(array &$choice, int $set, int $chord): void
    {
        for ($slot = 0; $set !== 0; $set >>= 1, $slot++) {
            if (($set & 1) === 1) {
                $choice[$slot] = $chord;
            }
        }
    }

    /** From now on the slot has this chord and no other. */
    public function fix(int $slot, int $chord): void
    {
        $this->unbound[$slot] = INF;
        foreach ($this->chords as $index => $other) {
            if ($other !== $chord) {
                $this->costs[$index][$slot] = INF;
            }
        }
    }

    /** Whether the slot can have more than one chord, or none. */
    public function isOpen(int $slot): bool
    {
        return $this->unbound[$slot] < INF || count(array_filter($this->costs, static fn (array $row): bool => $row[$slot] < INF)) > 1;
    }

    /** From now on the slot does not have this chord. */
    public function forbid(int $slot, int $chord): void
    {
        $index = array_search($chord, $this->chords, true);
        if ($index !== false) {
            $this->costs[$index][$slot] = INF;
        }
    }

    /** Takes back what was fixed, forbidden and left out since a copy of this problem was made. */
    public function goBack(self $copy): void
    {
        [$this->chords, $this->costs, $this->unbound, $this->shortlist] = [$copy->chords, $copy->costs, $copy->unbound, $copy->shortlist];
    }

    /** What is at stake: a second chord, and each slot without one. */
    public function weight(): float
    {
        return $this->opening + array_sum($this->unbound);
    }

    /**
     * What a choice costs at these prices.
     *
     * @param  array<int, int>  $choice
     * @param  array<int, float>  $capacity
     * @param  array<int, float>  $misleading
     */
    public function costOf(array $choice, array $capacity, array $misleading): float
    {
        $cost = 0.0;
        $open = [];
        foreach ($choice as $slot => $chord) {
            if ($chord < 0) {
                $cost += $this->unbound[$slot];

                continue;
            }
            $cost += $this->own[$chord][$slot] ?? INF;
            foreach ($this->groups[$slot] as $group) {
                $cost += $capacity[$group * $this->allChords + $chord];
            }
            if (! isset($open[$chord])) {
                $cost += ($open === [] ? 0.0 : $this->opening) + $misleading[$chord];
                $open[$chord] = true;
            }
        }

        return $cost;
    }

    /** After a full solution: what giving a chord to one of some slots costs above the least, a bit for each slot; INF where none can. */
    public function above(int $chord, int $slots): float
    {
        $index = array_search($chord, $this->chords, true);
        if ($index === false) {
            return INF;
        }
        $least = INF;
        foreach ($this->sums[$index] as $set => $sum) {
            if (($set & $slots) !== 0 && $sum + $this->rest[$this->full ^ $set] < $least) {
                $least = $sum + $this->rest[$this->full ^ $set];
            }
        }

        return max(0.0, $least - $this->opening - $this->value);
    }

    /** The slots that belong to a group, a bit for each. */
    public function slotsIn(int $group): int
    {
        $slots = 0;
        foreach ($this->groups as $slot => $groups) {
            $slots |= in_array($group, $groups, true) ? 1 << $slot : 0;
        }

        return $slots;
    }

    /**
     * What it costs above the least when none of some slots has a chord.
     *
     * @param  array<int, float>  $capacity
     * @param  array<int, float>  $misleading
     */
    public function aboveWithout(int $chord, int $slots, array $capacity, array $misleading): float
    {
        $without = clone $this;
        for ($slot = 0; $slots >> $slot > 0; $slot++) {
            if ((($slots >> $slot) & 1) === 1) {
                $without->forbid($slot, $chord);
            }
        }

        return max(0.0, $without->solve($capacity, $misleading) - $this->value);
    }

    public function all(): int
    {
        return $this->full;
    }

    public function value(): float
    {
        return $this->value;
    }

    /** After a full solution: takes out what costs at least $gap more than the least, and lists the best of the rest. */
    public function narrow(float $gap, int $most): void
    {
        $limit = $this->value + $this->opening + $gap;
        $full = $this->full;
        $scores = [];
        foreach ($this->sums as $index => $sum) {
            $least = INF;
            for ($set = 1; $set <= $full; $set++) {
                $cost = $sum[$set] + $this->rest[$full ^ $set];
                if ($cost < $least) {
                    $least = $cost;
                }
            }
            if ($least < $limit) {
                $scores[$index] = $least;
                $this->narrowSlots($index, $limit);
            }
        }
        asort($scores);
        $this->keep(array_keys($scores), $most);
    }

    private function narrowSlots(int $index, float $limit): void
    {
        $sum = $this->sums[$index];
        foreach ($this->costs[$index] as $slot => $price) {
            if ($price === INF) {
                continue;
            }
            $bit = 1 << $slot;
            for ($set = $this->full; $set >= $bit; $set--) {
                if (($set & $bit) !== 0 && $limit > $sum[$set] + $this->rest[$this->full ^ $set]) {
                    continue 2;
                }
            }
            $this->costs[$index][$slot] = INF;
        }
    }

    /** @param  array<int, int>  $indexes  in {@see $chords}, the best first */
    private function keep(array $indexes, int $most): void
    {
        $this->chords = array_map(fn (int $index): int => $this->chords[$index], $indexes);
        $this->costs = array_map(fn (int $index): array => $this->costs[$index], $indexes);
        $this->sums = array_map(fn (int $index): array => $this->sums[$index], $indexes);
        $this->shortlist = array_keys(array_slice($this->chords, 0, $most));
    }

    /**
     * After a full solution: every way to serve the intent that costs less than $gap above the least.
     *
     * @return list<array{
     *     float,
     *     array<int, int>,
     * }>|null  what it costs above the least, and the choice by slot, the cheapest first; null when there are more than $most
     */
    public function patterns(float $gap, int $most): ?array
    {
        $found = [];
        $this->enumerate(
            array_combine($this->chords, $this->sums),
            $this->full,
            0.0,
            array_fill(0, count($this->slots), -1),
            [],
            $this->value + $this->opening + $gap,
            $most,
            $found,
        );
        if (count($found) > $most) {
            return null;
        }
        $none = array_sum($this->unbound);
        $patterns = $none - $this->value < $gap ? [[$none - $this->value, array_fill(0, count($this->slots), -1)]] : [];
        foreach ($found as [$cost, $choice]) {
            $patterns[] = [$cost - $this->opening - $this->value, $choice];
        }
        usort($patterns, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $patterns;
    }

    /**
     * @param  array<int, array<int, float>>  $sums
     * @param  array<int, int>  $choice
     * @param  array<int, true>  $open
     * @param  list<array{float, array<int, int>}>  $found
     */
    private function enumerate(array $sums, int $set, float $cost, array $choice, array $open, float $limit, int $most, array &$found): void
    {
        if ($set === 0) {
            if ($open !== []) {
                $found[] = [$cost, $choice];
            }

            return;
        }
        if (count($found) > $most) {
            return;
        }
        $low = $set & -$set;
        $others = $set ^ $low;
        $unbound = $this->unboundAt($low);
        if ($cost + $unbound + $this->rest[$others] < $limit) {
            $this->enumerate($sums, $others, $cost + $unbound, $choice, $open, $limit, $most, $found);
        }
        for ($sub = $others; ; $sub = ($sub - 1) & $others) {
            $taken = $sub | $low;
            $most1 = $limit - $cost - $this->rest[$others ^ $sub];
            foreach ($sums as $chord => $sum) {
                if ($sum[$taken] < $most1 && ! isset($open[$chord])) {
                    $with = $choice;
                    $this->give($with, $taken, $chord);
                    $this->enumerate($sums, $others ^ $sub, $cost + $sum[$taken], $with, $open + [$chord => true], $limit, $most, $found);
                }
            }
            if ($sub === 0) {
                break;
            }
        }
    }
}
