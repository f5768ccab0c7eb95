<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * Which chords each intent has, and what that means for the others: a chord of a group that is taken cannot be had (it costs INF), and
 * one that an intent has costs another what misleading costs. An intent can be taken out and put in again. A copy is cheap.
 */
final class Solution
{
    /** @var array<int, float> price of each chord in each group, at group * (number of chords) + chord: INF where it is taken, else 0 */
    public array $taken;

    /** @var array<int, float> by chord: what a further intent on it pays */
    public array $misleads;

    /** @var array<int, int> the intent problem that has a chord in a group; indexes as in {@see} */
    public array $holder = [];

    /** @var array<int, int> by chord: how many intents have it */
    private array $uses;

    /** @var array<int, array<int, int>|null> by intent problem: its chords by slot, -1 for none; null while it is taken out */
    private array $choices;

    public function __construct(private readonly Relaxation $relaxation)
    {
        $this->taken = array_fill(0, $relaxation->groups * $relaxation->chords, 0.0);
        $this->misleads = array_fill(0, $relaxation->chords, 0.0);
        $this->uses = array_fill(0, $relaxation->chords, 0);
        $this->choices = array_fill(0, count($relaxation->problems), null);
    }

    /** @param  array<int, array<int, int>>  $choices  by intent problem */
    public static function with(Relaxation $relaxation, array $choices): self
    {
        $solution = new self($relaxation);
        foreach ($choices as $intent => $choice) {
            $solution->put($intent, $choice);
        }

        return $solution;
    }

    public function has(int $intent): bool
    {
        return $this->choices[$intent] !== null;
    }

    /** @return array<int, int> by slot of the problem; empty while the intent is taken out */
    public function choiceOf(int $intent): array
    {
        return $this->choices[$intent] ?? [];
    }

    /**
     * What an intent that is taken out would cost with a choice.
     *
     * @param  array<int, int>  $choice
     */
    public function costOf(int $intent, array $choice): float
    {
        return $this->relaxation->problems[$intent]->costOf($choice, $this->taken, $this->misleads);
    }

    /** Tells what the rest of the solution is spared. */
    public function takeOut(int $intent): float
    {
        $choice = $this->choiceOf($intent);
        $open = [];
        foreach ($choice as $slot => $chord) {
            foreach ($chord < 0 ? [] : $this->relaxation->problems[$intent]->groups[$slot] as $group) {
                $this->taken[$group * $this->relaxation->chords + $chord] = 0.0;
                unset($this->holder[$group * $this->relaxation->chords + $chord]);
            }
            if ($chord >= 0) {
                $open[$chord] = true;
            }
        }
        foreach ($open as $chord => $true) {
            $this->misleads[$chord] = --$this->uses[$chord] > 0 ? $this->relaxation->instance->misleading : 0.0;
        }
        $this->choices[$intent] = null;

        return $this->costOf($intent, $choice);
    }

    /** @param  array<int, int>  $choice */
    public function put(int $intent, array $choice): void
    {
        $open = [];
        foreach ($choice as $slot => $chord) {
            foreach ($chord < 0 ? [] : $this->relaxation->problems[$intent]->groups[$slot] as $group) {
                $this->taken[$group * $this->relaxation->chords + $chord] = INF;
                $this->holder[$group * $this->relaxation->chords + $chord] = $intent;
            }
            if ($chord >= 0) {
                $open[$chord] = true;
            }
        }
        foreach ($open as $chord => $true) {
            $this->uses[$chord]++;
            $this->misleads[$chord] = $this->relaxation->instance->misleading;
        }
        $this->choices[$intent] = $choice;
    }

    /**
     * The intents that have what an intent wants.
     *
     * @param  array<int, int>  $choice
     * @return array<int, int>
     */
    public function holdersOf(int $intent, array $choice): array
    {
        $holders = [];
        foreach ($choice as $slot => $chord) {
            foreach ($chord < 0 ? [] : $this->relaxation->problems[$intent]->groups[$slot] as $group) {
                $holder = $this->holder[$group * $this->relaxation->chords + $chord] ?? null;
                if ($holder !== null) {
                    $holders[$holder] = true;
                }
            }
        }

        return array_keys($holders);
    }

    /** @return array<int, int|null> by slot of the instance */
    public function bySlot(): array
    {
        $bySlot = array_fill(0, count($this->relaxation->instance->slots), null);
        foreach ($this->relaxation->problems as $intent => $problem) {
            foreach ($this->choiceOf($intent) as $slot => $chord) {
                $bySlot[$problem->slots[$slot]] = $chord < 0 ? null : $chord;
            }
        }

        return array_values($bySlot);
    }
}
