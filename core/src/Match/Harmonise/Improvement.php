<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match\Harmonise;

/**
 * A solution and its betterment: one intent after the other is chosen anew, exactly, with the others as they are; and chains in
 * which an intent throws out whoever holds the chords that it wants, and those look for others.
 */
final class Improvement
{
    /** @var array<int, float> INF where a group has the chord */
    private array $taken;

    /** @var array<int, float> what a further intent on the chord pays */
    private array $misleads;

    /** @var array<int, int> how many intents have the chord */
    private array $uses;

    /** @var array<int, int> which intent has a chord in a group */
    private array $holder = [];

    /** @var array<int, int> intent problems, those with the most at stake first */
    private readonly array $order;

    /** @var array<int, array<int, int>|null> by intent problem; null while it is taken out */
    private array $choices;

    public function __construct(private readonly Relaxation $relaxation, private readonly Dice $dice)
    {
        $stakes = array_map(static fn (IntentProblem $one): float => $one->weight(), $relaxation->problems);
        arsort($stakes);
        $this->order = array_keys($stakes);
        $this->clear();
    }

    /** @return array<int, int|null> by slot of the instance */
    public function bySlot(): array
    {
        $bySlot = array_fill(0, count($this->relaxation->instance->slots), null);
        foreach ($this->relaxation->problems as $intent => $problem) {
            foreach ($this->choices[$intent] ?? [] as $slot => $chord) {
                $bySlot[$problem->slots[$slot]] = $chord < 0 ? null : $chord;
            }
        }

        return array_values($bySlot);
    }

    /**
     * Makes the best of what the relaxed solution wants; where two want the same chord, the one with more at stake has it.
     *
     * @param  array<int, array<int, int>>  $wanted  by intent problem
     */
    public function startFrom(array $wanted, Incumbent $incumbent): bool
    {
        $this->clear();
        $cost = 0.0;
        $left = [];
        foreach ($this->order as $intent) {
            $own = $this->relaxation->problems[$intent]->costOf($wanted[$intent], $this->taken, $this->misleads);
            if ($own < INF) {
                $this->put($intent, $wanted[$intent]);
                $cost += $own;
            } else {
                $left[] = $intent;
            }
        }
        foreach ($left as $intent) {
            $cost += $this->relaxation->problems[$intent]->solve($this->taken, $this->misleads);
            $this->put($intent, $this->relaxation->problems[$intent]->choice);
        }

        return $cost < INF && $incumbent->offer($this, $cost - $this->settle());
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
        $before = $this->choices[$intent] ?? [];
        $this->take($intent);
        $old = $problem->costOf($before, $this->taken, $this->misleads);
        $new = $problem->solve($this->taken, $this->misleads, $isShort ? $problem->shortlist : null);
        $isBetter = $new < $old - 1e-9;
        $this->put($intent, $isBetter ? $problem->choice : $before);

        return $isBetter ? $old - $new : 0.0;
    }

    /**
     * One chain that starts with an intent, which has to give up one of its chords.
     *
     * @param  array<int, float>  $prices  what taking a chord from its holder is reckoned to cost, by group and chord
     * @param  float  $allowed  how much the whole may get dearer
     * @return float what was won, negative when it got dearer, 0 when all stayed as it was
     */
    public function chain(int $intent, array $prices, float $allowed, int $depth = 6): float
    {
        $saved = [$this->taken, $this->misleads, $this->uses, $this->holder, $this->choices];
        $won = 0.0;
        $waiting = [$intent];
        $moved = [];
        $forbidden = $this->someOfItsChords($intent);
        while ($waiting !== []) {
            $next = array_shift($waiting);
            $problem = $this->relaxation->problems[$next];
            if ($this->choices[$next] !== null) {
                $won += $this->takeOut($next);
            }
            $soft = $this->taken;
            if ($depth-- > 0) {
                foreach ($this->holder as $at => $holder) {
                    if (! isset($moved[$holder])) {
                        $soft[$at] = $prices[$at];
                    }
                }
            }
            foreach ($next === $intent ? $forbidden : [] as $at) {
                $soft[$at] = INF;
            }
            $problem->solve($soft, $this->misleads);
            $choice = $problem->choice;
            foreach ($this->holdersOf($problem, $choice) as $holder) {
                $won += $this->takeOut($holder);
                $waiting[] = $holder;
            }
            $cost = $problem->costOf($choice, $this->taken, $this->misleads);
            $won -= $cost;
            if ($cost === INF || $won < -1e6) {
                break;
            }
            $this->put($next, $choice);
            $moved[$next] = true;
        }
        if ($waiting === [] && $won > -$allowed && abs($won) > 1e-9) {
            return $won;
        }
        [$this->taken, $this->misleads, $this->uses, $this->holder, $this->choices] = $saved;

        return 0.0;
    }

    /** @return array<int, int> places of groups and chords: a chord that the intent has, in one of its slots or in all */
    private function someOfItsChords(int $intent): array
    {
        $problem = $this->relaxation->problems[$intent];
        $choice = $this->choices[$intent] ?? [];
        $one = $this->dice->roll(max(1, count($choice)));
        $chord = $choice[$one] ?? -1;
        $isAll = $this->dice->roll(2) === 0;
        $places = [];
        foreach ($chord < 0 ? [] : $problem->groups as $slot => $groups) {
            foreach ($isAll || $slot === $one ? $groups : [] as $group) {
                $places[] = $group * $this->relaxation->chords + $chord;
            }
        }

        return $places;
    }

    /** @return array<int, array<int, int>|null> what can be gone back to */
    public function mark(): array
    {
        return $this->choices;
    }

    /** @param  array<int, array<int, int>|null>  $mark */
    public function goBack(array $mark): void
    {
        $this->clear();
        foreach ($mark as $intent => $choice) {
            $this->put($intent, $choice ?? []);
        }
    }

    private function clear(): void
    {
        $this->taken = array_fill(0, $this->relaxation->groups * $this->relaxation->chords, 0.0);
        $this->misleads = array_fill(0, $this->relaxation->chords, 0.0);
        $this->uses = array_fill(0, $this->relaxation->chords, 0);
        $this->holder = [];
        $this->choices = array_fill(0, count($this->relaxation->problems), null);
    }

    /** Tells what the rest of the solution is spared. */
    private function takeOut(int $intent): float
    {
        $choice = $this->choices[$intent] ?? [];
        $this->take($intent);

        return $this->relaxation->problems[$intent]->costOf($choice, $this->taken, $this->misleads);
    }

    private function take(int $intent): void
    {
        $problem = $this->relaxation->problems[$intent];
        $open = [];
        foreach ($this->choices[$intent] ?? [] as $slot => $chord) {
            if ($chord < 0) {
                continue;
            }
            foreach ($problem->groups[$slot] as $group) {
                $this->taken[$group * $this->relaxation->chords + $chord] = 0.0;
                unset($this->holder[$group * $this->relaxation->chords + $chord]);
            }
            $open[$chord] = true;
        }
        foreach ($open as $chord => $true) {
            $this->misleads[$chord] = --$this->uses[$chord] > 0 ? $this->relaxation->instance->misleading : 0.0;
        }
        $this->choices[$intent] = null;
    }

    /** @param  array<int, int>  $choice */
    private function put(int $intent, array $choice): void
    {
        $problem = $this->relaxation->problems[$intent];
        $open = [];
        foreach ($choice as $slot => $chord) {
            if ($chord < 0) {
                continue;
            }
            foreach ($problem->groups[$slot] as $group) {
                $this->taken[$group * $this->relaxation->chords + $chord] = INF;
                $this->holder[$group * $this->relaxation->chords + $chord] = $intent;
            }
            $open[$chord] = true;
        }
        foreach ($open as $chord => $true) {
            $this->uses[$chord]++;
            $this->misleads[$chord] = $this->relaxation->instance->misleading;
        }
        $this->choices[$intent] = $choice;
    }

    /**
     * @param  array<int, int>  $choice
     * @return array<int, int>
     */
    private function holdersOf(IntentProblem $problem, array $choice): array
    {
        $holders = [];
        foreach ($choice as $slot => $chord) {
            foreach ($chord < 0 ? [] : $problem->groups[$slot] as $group) {
                $holder = $this->holder[$group * $this->relaxation->chords + $chord] ?? null;
                if ($holder !== null) {
                    $holders[$holder] = true;
                }
            }
        }

        return array_keys($holders);
    }
}
