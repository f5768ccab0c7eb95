<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * Closes the gap between the bound and the best solution: what is better than the best solution is made of ways to serve each intent that
 * cost little above the relaxed least. Where these are few, all their combinations are searched.
 *
 * A solution costs the bound, plus what each chosen way costs above the least, plus what its use of shared things leaves of their
 * prices: (misleading - price) for each further intent on a chord, the price of a chord that no intent has, and the price of a
 * group's chord that no slot has. All of these are at least 0, so a part that costs the gap already is given up. So is a part in which more
 * prices are left than those who are not decided can still use.
 */
final class Closing
{
    private const MOST_PATTERNS = 4_000;

    private int $steps = 0;

    private float $gap;

    /** @var array<int, array<int, int>>|null by intent problem */
    private ?array $best = null;

    /** @var list<list<array{float, array<int, int>, float}>> by intent problem: cost, choice, and the prices of all that it uses */
    private array $patterns = [];

    /** The prices of all that nothing has yet. */
    private float $untaken = 0.0;

    private bool $isComplete = true;

    /** @var array<int, true> chords of groups that are taken */
    private array $taken = [];

    /** @var array<int, int> how many intents have a chord */
    private array $uses = [];

    /** @var array<int, array<int, int>> the way that is chosen */
    private array $chosen = [];

    private function __construct(
        private readonly Relaxation $relaxation,
        private readonly Multipliers $prices,
        float $gap,
        private readonly int $mostSteps,
    ) {
        $this->gap = $gap;
    }

    /**
     * Right after the relaxation was solved in full at these prices.
     *
     * @param  float  $gap  what a solution may cost above the bound to be better than the best one
     */
    public static function search(Relaxation $relaxation, Multipliers $prices, float $gap, int $mostSteps): Closed
    {
        $search = new self($relaxation, $prices, $gap, $mostSteps);
        foreach ($relaxation->problems as $problem) {
            $patterns = $problem->patterns($gap, self::MOST_PATTERNS);
            if ($patterns === null) {
                return new Closed(false, null);
            }
            $search->patterns[] = array_map(
                static fn (array $one): array => [$one[0], $one[1], $search->prices($problem, $one[1])],
                $patterns,
            );
        }
        $search->untaken = array_sum($prices->capacity) + array_sum($prices->misleading);
        $search->begin();

        return new Closed($search->isComplete, $search->best === null ? null : Solution::with($relaxation, $search->best));
    }

    /** @param  array<int, int>  $choice */
    private function prices(IntentProblem $problem, array $choice): float
    {
        $prices = 0.0;
        foreach ($choice as $slot => $chord) {
            foreach ($chord < 0 ? [] : $problem->groups[$slot] as $group) {
                $prices += $this->prices->capacity[$group * $this->relaxation->chords + $chord];
            }
        }
        foreach (array_unique($choice) as $chord) {
            $prices += $this->prices->misleading[$chord] ?? 0.0;
        }

        return $prices;
    }

    /** Most intents can be served in one way only; the search is about the others. */
    private function begin(): void
    {
        $above = 0.0;
        $open = [];
        foreach ($this->patterns as $intent => $patterns) {
            if (count($patterns) !== 1) {
                $open[] = $intent;

                continue;
            }
            $fitting = $this->fitting($intent, $above);
            if ($fitting === []) {
                return;
            }
            $above += $fitting[0][0];
            $this->choose($intent, $fitting[0][1]);
        }
        $this->go($open, $above);
    }

    /** @param  array<int, int>  $open  intent problems that are not decided yet */
    private function go(array $open, float $above): void
    {
        if ($open === []) {
            $this->finish($above);

            return;
        }
        if ($this->steps++ >= $this->mostSteps) {
            $this->isComplete = false;

            return;
        }
        // What each open intent costs at least with what is taken already; the one with the most at stake is decided next.
        $least = 0.0;
        $unused = $this->untaken;
        $next = -1;
        $stake = -1.0;
        $ways = [];
        foreach ($open as $index => $intent) {
            $fitting = $this->fitting($intent, $above);
            if ($fitting === []) {
                return;
            }
            $least += $fitting[0][0];
            $unused += self::used($fitting);
            if ($above + $least >= $this->gap) {
                return;
            }
            $atStake = ($fitting[1][0] ?? INF) - $fitting[0][0] + 1.0 / count($fitting);
            if ($atStake > $stake) {
                [$stake, $next, $ways] = [$atStake, $index, $fitting];
            }
        }
        if ($above + $unused >= $this->gap) {
            return;
        }
        $intent = $open[$next];
        $others = $least - $ways[0][0];
        unset($open[$next]);
        $open = array_values($open);
        foreach ($ways as [$cost, $pattern]) {
            if ($above + $others + $cost >= $this->gap) {
                break;
            }
            $this->choose($intent, $pattern);
            $this->go($open, $above + $cost);
            $this->release($intent, $pattern);
            if (! $this->isComplete) {
                return;
            }
        }
    }

    /**
     * The least of what ways cost, less the prices that they use.
     *
     * @param  non-empty-list<array{float, array<int, int>, float}>  $ways
     */
    private static function used(array $ways): float
    {
        $least = INF;
        foreach ($ways as [$cost, , $prices]) {
            if ($cost - $prices < $least) {
                $least = $cost - $prices;
            }
        }

        return $least;
    }

    /** @return list<array{float, array<int, int>, float}> ways that fit what is taken, with what they cost now, the cheapest first */
    private function fitting(int $intent, float $above): array
    {
        $problem = $this->relaxation->problems[$intent];
        $chords = $this->relaxation->chords;
        $misleading = $this->relaxation->instance->misleading;
        $fitting = [];
        $isSorted = true;
        $last = -1.0;
        foreach ($this->patterns[$intent] as [$cost, $choice, $prices]) {
            if ($above + $cost >= $this->gap) {
                break;
            }
            $open = [];
            foreach ($choice as $slot => $chord) {
                if ($chord < 0) {
                    continue;
                }
                foreach ($problem->groups[$slot] as $group) {
                    if (isset($this->taken[$group * $chords + $chord])) {
                        continue 3;
                    }
                }
                if (! isset($open[$chord])) {
                    $open[$chord] = true;
                    if (($this->uses[$chord] ?? 0) > 0) {
                        $cost += $misleading - $this->prices->misleading[$chord];
                    }
                }
            }
            if ($above + $cost < $this->gap) {
                $fitting[] = [$cost, $choice, $prices];
                $isSorted = $isSorted && $cost >= $last;
                $last = $cost;
            }
        }
        if (! $isSorted) {
            usort($fitting, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        }

        return $fitting;
    }

    /** @param  array<int, int>  $pattern */
    private function choose(int $intent, array $pattern): void
    {
        foreach ($pattern as $slot => $chord) {
            foreach ($chord < 0 ? [] : $this->relaxation->problems[$intent]->groups[$slot] as $group) {
                $at = $group * $this->relaxation->chords + $chord;
                $this->untaken -= isset($this->taken[$at]) ? 0.0 : $this->prices->capacity[$at];
                $this->taken[$at] = true;
            }
        }
        foreach (array_unique($pattern) as $chord) {
            $this->uses[$chord] = ($this->uses[$chord] ?? 0) + 1;
            $this->untaken -= $this->uses[$chord] === 1 ? $this->prices->misleading[$chord] ?? 0.0 : 0.0;
        }
        $this->chosen[$intent] = $pattern;
    }

    /** @param  array<int, int>  $pattern */
    private function release(int $intent, array $pattern): void
    {
        foreach ($pattern as $slot => $chord) {
            foreach ($chord < 0 ? [] : $this->relaxation->problems[$intent]->groups[$slot] as $group) {
                $at = $group * $this->relaxation->chords + $chord;
                $this->untaken += isset($this->taken[$at]) ? $this->prices->capacity[$at] : 0.0;
                unset($this->taken[$at]);
            }
        }
        foreach (array_unique($pattern) as $chord) {
            $this->uses[$chord]--;
            $this->untaken += $this->uses[$chord] === 0 ? $this->prices->misleading[$chord] ?? 0.0 : 0.0;
        }
    }

    private function finish(float $above): void
    {
        foreach ($this->prices->capacity as $at => $price) {
            $above += isset($this->taken[$at]) ? 0.0 : $price;
        }
        foreach ($this->prices->misleading as $chord => $price) {
            $above += ($this->uses[$chord] ?? 0) > 0 ? 0.0 : $price;
        }
        if ($above < $this->gap) {
            $this->gap = $above;
            $this->best = $this->chosen;
        }
    }
}
