<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * The instance with what ties intents together priced instead of forbidden: one small problem for each intent is left, and their sum bounds
 * the optimum from below.
 */
final class Relaxation
{
    /** How many chords of an intent are looked at between full solutions. */
    private const SHORTLIST = 16;

    /** @var list<IntentProblem> */
    public readonly array $problems;

    public readonly int $groups;

    public readonly int $chords;

    public function __construct(public readonly Instance $instance)
    {
        $this->groups = count($instance->groups);
        $this->chords = count($instance->chords);
        $this->problems = $this->problems();
    }

    /**
     * At these prices; all chords looked at gives a bound, the shortlists alone only a direction.
     */
    public function solve(Multipliers $at, bool $isFull): float
    {
        $value = -array_sum($at->capacity) - array_sum($at->misleading);
        foreach ($this->problems as $problem) {
            $value += $problem->solve($at->capacity, $at->misleading, $isFull ? null : $problem->shortlist);
        }

        return $value;
    }

    /** After a full solution: leaves out what cannot be part of anything that costs $gap less than the bound and the gap together. */
    public function narrow(float $gap): void
    {
        foreach ($this->problems as $problem) {
            $problem->narrow($gap, self::SHORTLIST);
        }
    }

    /** @return array<int, array<int, int>> by intent problem: the choice of the last solution */
    public function choices(): array
    {
        return array_map(static fn (IntentProblem $one): array => $one->choice, $this->problems);
    }

    /** From now on the slot has this chord, and no other slot of its groups has it. */
    public function fix(IntentProblem $fixed, int $slot, int $chord): void
    {
        $fixed->fix($slot, $chord);
        foreach ($this->problems as $problem) {
            foreach ($problem->groups as $other => $groups) {
                if (($problem !== $fixed || $other !== $slot) && array_intersect($groups, $fixed->groups[$slot]) !== []) {
                    $problem->forbid($other, $chord);
                }
            }
        }
    }

    /** @return list<IntentProblem> copies, which {@see goBack()} takes */
    public function mark(): array
    {
        return array_map(static fn (IntentProblem $problem): IntentProblem => clone $problem, $this->problems);
    }

    /** @param  list<IntentProblem>  $mark */
    public function goBack(array $mark): void
    {
        foreach ($this->problems as $index => $problem) {
            $problem->goBack($mark[$index]);
        }
    }

    /** @return list<IntentProblem> */
    private function problems(): array
    {
        $slotsOf = [];
        foreach ($this->instance->slots as $index => $slot) {
            $slotsOf[$slot->intent][] = $index;
        }
        $groupsOf = [];
        foreach ($this->instance->groups as $group => $slots) {
            foreach ($slots as $slot) {
                $groupsOf[$slot][] = $group;
            }
        }
        $problems = [];
        foreach ($slotsOf as $intent => $indexes) {
            $slots = array_map(fn (int $index): Slot => $this->instance->slots[$index], $indexes);
            $chords = array_keys(array_replace(...array_map(static fn (Slot $one): array => $one->options, $slots)));
            sort($chords);
            $problems[] = new IntentProblem(
                $indexes,
                $chords,
                array_map(
                    static fn (int $chord): array => array_map(static fn (Slot $one): float => $one->options[$chord] ?? INF, $slots),
                    $chords,
                ),
                array_map(static fn (Slot $one): float => $one->unbound ?? INF, $slots),
                array_map(static fn (int $index): array => $groupsOf[$index] ?? [], $indexes),
                $this->instance->intents[$intent]['second_chord'],
                $this->chords,
            );
        }

        return $problems;
    }
}
