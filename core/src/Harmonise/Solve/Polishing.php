<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * Raises the bound one price at a time, each as far as it goes: what nobody uses gets cheaper until somebody nearly would, and what several
 * want gets dearer until all but one of them would rather have something else. Where subgradient steps have become too coarse, this takes
 * what is left.
 */
final class Polishing
{
    private const MOST_SWEEPS = 12;

    /** A sweep that raises the bound by less than this share of it is the last. */
    private const WORTH_A_SWEEP = 1e-8;

    /** @var array<int, list<IntentProblem>> by chord: those that can still have it */
    private array $having = [];

    /** @var array<int, int> by group and chord: how many slots have it */
    private array $loads = [];

    /** @var array<int, int> by chord: how many intents have it */
    private array $opened = [];

    /** @var array<int, float> */
    private array $capacity;

    /** @var array<int, float> */
    private array $misleading;

    private float $gained = 0.0;

    private function __construct(private readonly Relaxation $relaxation, Multipliers $prices)
    {
        $this->capacity = $prices->capacity;
        $this->misleading = $prices->misleading;
        foreach ($relaxation->problems as $problem) {
            foreach ($problem->chords as $chord) {
                $this->having[$chord][] = $problem;
            }
            $this->count($problem, 1);
        }
    }

    /**
     * Right after the relaxation was solved in full at these prices; it is solved in full at the new ones afterwards.
     *
     * @return array{Multipliers, float} the new prices, and what they give
     */
    public static function of(Relaxation $relaxation, Multipliers $prices, float $value): array
    {
        $polishing = new self($relaxation, $prices);
        for ($sweep = 0; $sweep < self::MOST_SWEEPS; $sweep++) {
            $before = $polishing->gained;
            $polishing->sweep();
            if ($polishing->gained - $before <= self::WORTH_A_SWEEP * abs($value)) {
                break;
            }
        }
        $polished = new Multipliers($polishing->capacity, $polishing->misleading);

        return [$polished, $relaxation->solve($polished, true)];
    }

    private function sweep(): void
    {
        foreach ($this->misleading as $chord => $price) {
            $count = $this->opened[$chord] ?? 0;
            if ($count === 0 && $price > 0.0) {
                $this->lower($chord, null);
            } elseif ($count > 1 && $price < $this->relaxation->instance->misleading) {
                $this->raise($chord, null);
            }
        }
        foreach (array_chunk($this->capacity, max(1, $this->relaxation->chords)) as $group => $prices) {
            foreach ($prices as $chord => $price) {
                $count = $this->loads[$group * $this->relaxation->chords + $chord] ?? 0;
                if ($count === 0 && $price > 0.0) {
                    $this->lower($chord, $group);
                } elseif ($count > 1) {
                    $this->raise($chord, $group);
                }
            }
        }
    }

    /** @param  int|null  $group  null for the price of opening the chord at all */
    private function lower(int $chord, ?int $group): void
    {
        $slack = INF;
        foreach ($this->having[$chord] ?? [] as $problem) {
            $slack = min($slack, $problem->above($chord, $group === null ? $problem->all() : $problem->slotsIn($group)));
        }
        $this->move($chord, $group, -min($slack, $this->price($chord, $group)));
    }

    private function raise(int $chord, ?int $group): void
    {
        $others = [];
        foreach ($this->having[$chord] ?? [] as $problem) {
            $slots = $group === null ? $problem->all() : $problem->slotsIn($group);
            $using = array_filter(
                $problem->choice,
                static fn (int $one, int $slot): bool => $one === $chord && ($slots >> $slot & 1) === 1,
                ARRAY_FILTER_USE_BOTH,
            );
            if ($using !== []) {
                $others[] = $problem->aboveWithout($chord, $slots, $this->capacity, $this->misleading);
            }
        }
        rsort($others);
        // One of them may have it; the one that would rather go without it than the next is not asked.
        $most = $group === null ? $this->relaxation->instance->misleading - $this->misleading[$chord] : INF;
        $step = min($others[1] ?? 0.0, $most);
        if ($step < INF) {
            $this->move($chord, $group, $step);
        }
    }

    private function price(int $chord, ?int $group): float
    {
        return $group === null ? $this->misleading[$chord] : $this->capacity[$group * $this->relaxation->chords + $chord];
    }

    private function move(int $chord, ?int $group, float $step): void
    {
        if (abs($step) < 1e-12) {
            return;
        }
        if ($group === null) {
            $this->misleading[$chord] += $step;
        } else {
            $this->capacity[$group * $this->relaxation->chords + $chord] += $step;
        }
        $this->gained -= $step;
        foreach ($this->having[$chord] ?? [] as $problem) {
            $before = $problem->value();
            $this->count($problem, -1);
            $this->gained += $problem->solve($this->capacity, $this->misleading) - $before;
            $this->count($problem, 1);
        }
    }

    private function count(IntentProblem $problem, int $sign): void
    {
        $open = [];
        foreach ($problem->choice as $slot => $chord) {
            if ($chord < 0) {
                continue;
            }
            foreach ($problem->groups[$slot] as $group) {
                $at = $group * $this->relaxation->chords + $chord;
                $this->loads[$at] = ($this->loads[$at] ?? 0) + $sign;
            }
            $open[$chord] = true;
        }
        foreach ($open as $chord => $true) {
            $this->opened[$chord] = ($this->opened[$chord] ?? 0) + $sign;
        }
    }
}
