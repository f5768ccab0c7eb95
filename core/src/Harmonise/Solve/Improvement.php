<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * Betters a solution: one intent after the other is chosen anew, exactly, with the others as they are; and in chains an intent
 * throws out whoever holds the chords that it wants, and those look for others.
 */
final class Improvement
{
    /** Members of a chain that may throw others out. */
    private const LONGEST_CHAIN = 6;

    public Solution $solution;

    /** @var array<int, int> intent problems, those with the most at stake first */
    private readonly array $order;

    public function __construct(private readonly Relaxation $relaxation, private readonly Dice $dice)
    {
        $stakes = array_map(static fn (IntentProblem $problem): float => $problem->weight(), $relaxation->problems);
        arsort($stakes);
        $this->order = array_keys($stakes);
        $this->solution = new Solution($relaxation);
    }

    /**
     * Makes the best of what the relaxed solution wants; where two want the same chord, the one with more at stake has it.
     *
     * @param  array<int, array<int, int>>  $wanted  by intent problem
     */
    public function startFrom(array $wanted, Incumbent $incumbent): bool
    {
        $this->solution = new Solution($this->relaxation);
        $cost = 0.0;
        $left = [];
        foreach ($this->order as $intent) {
            $own = $this->solution->costOf($intent, $wanted[$intent]);
            if ($own < INF) {
                $this->solution->put($intent, $wanted[$intent]);
                $cost += $own;
            } else {
                $left[] = $intent;
            }
        }
        foreach ($left as $intent) {
            $cost += $this->relaxation->problems[$intent]->solve($this->solution->taken, $this->solution->misleads);
            $this->solution->put($intent, $this->relaxation->problems[$intent]->choice);
        }

        return $cost < INF && $incumbent->offer($this->solution, $cost - $this->settle());
    }

    /** Each intent anew until none gets better, first with the likely chords only; tells what was won. */
    private function settle(): float
    {
        $won = 0.0;
        foreach ([true, false] as $isShort) {
            do {
                $inThisRound = 0.0;
                foreach (array_keys($this->relaxation->problems) as $intent) {
                    $inThisRound += $this->anew($intent, $isShort);
                }
                $won += $inThisRound;
            } while ($inThisRound > 1e-9);
        }

        return $won;
    }

    private function anew(int $intent, bool $isShort): float
    {
        $problem = $this->relaxation->problems[$intent];
        $before = $this->solution->choiceOf($intent);
        $old = $this->solution->takeOut($intent);
        $new = $problem->solve($this->solution->taken, $this->solution->misleads, $isShort ? $problem->shortlist : null);
        $isBetter = $new < $old - 1e-9;
        $this->solution->put($intent, $isBetter ? $problem->choice : $before);

        return $isBetter ? $old - $new : 0.0;
    }

    /**
     * One chain that starts with an intent, which has to give up one of its chords.
     *
     * @param  array<int, float>  $prices  what taking a chord from its holder is reckoned to cost, by group and chord
     * @param  float  $allowed  how much the whole may get dearer
     * @return float what was won, negative when it got dearer, 0 when all stayed as it was
     */
    public function chain(int $intent, array $prices, float $allowed): float
    {
        $before = clone $this->solution;
        $won = 0.0;
        $waiting = [$intent];
        $moved = [];
        $forbidden = $this->someOfItsChords($intent);
        for ($length = 1; $waiting !== []; $length++) {
            $next = array_shift($waiting);
            if ($this->solution->has($next)) {
                $won += $this->solution->takeOut($next);
            }
            $choice = $this->choiceInChain(
                $next,
                $length <= self::LONGEST_CHAIN ? $prices : null,
                $moved,
                $next === $intent ? $forbidden : [],
            );
            foreach ($this->solution->holdersOf($next, $choice) as $holder) {
                $won += $this->solution->takeOut($holder);
                $waiting[] = $holder;
            }
            $cost = $this->solution->costOf($next, $choice);
            $won -= $cost;
            if ($cost === INF || $won < -1e6) {
                break;
            }
            $this->solution->put($next, $choice);
            $moved[$next] = true;
        }
        if ($waiting === [] && $won > -$allowed && abs($won) > 1e-9) {
            return $won;
        }
        $this->solution = $before;

        return 0.0;
    }

    /**
     * What an intent takes when it may throw out those that were not moved yet.
     *
     * @param  array<int, float>|null  $prices  of throwing them out; null when nobody may be thrown out any more
     * @param  array<int, true>  $moved
     * @param  array<int, int>  $forbidden  indexes of groups and chords
     * @return array<int, int>
     */
    private function choiceInChain(int $intent, ?array $prices, array $moved, array $forbidden): array
    {
        $soft = $this->solution->taken;
        foreach ($this->solution->holder as $at => $holder) {
            if ($prices !== null && ! isset($moved[$holder])) {
                $soft[$at] = $prices[$at];
            }
        }
        foreach ($forbidden as $at) {
            $soft[$at] = INF;
        }
        $this->relaxation->problems[$intent]->solve($soft, $this->solution->misleads);

        return $this->relaxation->problems[$intent]->choice;
    }

    /** @return array<int, int> indexes of groups and chords: a chord that the intent has, in one of its slots or in all */
    private function someOfItsChords(int $intent): array
    {
        $choice = $this->solution->choiceOf($intent);
        $rolled = $this->dice->roll(max(1, count($choice)));
        $chord = $choice[$rolled] ?? -1;
        $isAll = $this->dice->roll(2) === 0;
        $indexes = [];
        foreach ($chord < 0 ? [] : $this->relaxation->problems[$intent]->groups as $slot => $groups) {
            foreach ($isAll || $slot === $rolled ? $groups : [] as $group) {
                $indexes[] = $group * $this->relaxation->chords + $chord;
            }
        }

        return $indexes;
    }
}
