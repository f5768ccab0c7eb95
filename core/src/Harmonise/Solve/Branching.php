<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

use Closure;

/**
 * Splits what the bound leaves open: a slot has the chord that it and others want, or it has not. Each half gets a bound of its own,
 * and is given up when that is no better than the best solution.
 */
final class Branching
{
    /** Rounds of raising the bound in each half. */
    private const ROUNDS = 3;

    private const STEPS = 8;

    /** Combinations that are searched before a half is split again. */
    private const CLOSING_STEPS = 100;

    private bool $isStopped = false;

    /** @param  Closure(): bool  $goesOn */
    public function __construct(
        private readonly Relaxation $relaxation,
        private readonly Improvement $improvement,
        private readonly Incumbent $incumbent,
        private readonly Closure $goesOn,
    ) {
    }

    /** The bound of what is left when all is searched or the work ends; INF when nothing better is left. */
    public function search(Ascent $ascent): float
    {
        $ascent->polish();
        if ($ascent->bound >= $this->incumbent->limit() || $this->close($ascent)) {
            return INF;
        }
        $split = $this->split($ascent);
        if ($split === null || $this->isStopped) {
            return $ascent->bound;
        }
        [$problem, $slot, $chord] = $split;
        $mark = $this->relaxation->mark();
        $bound = INF;
        foreach ([true, false] as $has) {
            if ($has) {
                $this->relaxation->fix($problem, $slot, $chord);
            } else {
                $problem->forbid($slot, $chord);
            }
            $bound = min($bound, $this->half($ascent));
            $this->relaxation->goBack($mark);
        }

        return $bound;
    }

    private function half(Ascent $above): float
    {
        if ($this->isStopped || ! ($this->goesOn)()) {
            $this->isStopped = true;

            return $above->bound;
        }
        $ascent = $above->under();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $isBetter = $ascent->measure();
            if ($ascent->bound >= $this->incumbent->limit()) {
                return INF;
            }
            $wanted = $this->relaxation->choices();
            $ascent->narrow($this->incumbent->limit());
            if ($isBetter && $round % 2 === 1) {
                $this->improvement->startFrom($wanted, $this->incumbent);
            }
            if ($round < self::ROUNDS - 1) {
                $ascent->climb($this->incumbent->cost, self::STEPS);
            }
        }
        $ascent->bound = max($ascent->bound, $above->bound);

        return $this->search($ascent);
    }

    private function close(Ascent $ascent): bool
    {
        $closed = Closing::search($this->relaxation, $ascent->best, $this->incumbent->limit() - $ascent->reached, self::CLOSING_STEPS);
        if ($closed->better !== null) {
            $this->incumbent->offer($closed->better, -INF);
        }

        return $closed->isComplete;
    }

    /** @return array{IntentProblem, int, int}|null the slot and chord with the most at stake; null when nothing is left to decide */
    private function split(Ascent $ascent): ?array
    {
        $wanting = [];
        $chords = $this->relaxation->chords;
        foreach ($this->relaxation->problems as $problem) {
            $opened = [];
            foreach ($problem->choice as $slot => $chord) {
                if ($chord < 0) {
                    continue;
                }
                foreach ($problem->groups[$slot] as $group) {
                    $wanting[$group * $chords + $chord][] = [$problem, $slot, $chord];
                }
                if (! isset($opened[$chord]) || $problem->stakes[$slot] > $problem->stakes[$opened[$chord]]) {
                    $opened[$chord] = $slot;
                }
            }
            foreach ($opened as $chord => $slot) {
                $wanting[-1 - $chord][] = [$problem, $slot, $chord];
            }
        }
        $best = null;
        $most = 0.0;
        foreach ($wanting as $at => $those) {
            if (count($those) < 2) {
                continue;
            }
            usort($those, static fn (array $one, array $other): int => $other[0]->stakes[$other[1]] <=> $one[0]->stakes[$one[1]]);
            $stake = $those[1][0]->stakes[$those[1][1]];
            $stake = $at >= 0 ? $stake : min($stake, $this->relaxation->instance->misleading - $ascent->best->misleading[-1 - $at]);
            if ($stake > $most && $those[0][0]->isOpen($those[0][1])) {
                [$most, $best] = [$stake, $those[0]];
            }
        }

        return $best ?? $this->anyOpen();
    }

    /** @return array{IntentProblem, int, int}|null */
    private function anyOpen(): ?array
    {
        $best = null;
        $most = 0.0;
        foreach ($this->relaxation->problems as $problem) {
            foreach ($problem->choice as $slot => $chord) {
                if ($chord >= 0 && $problem->stakes[$slot] > $most && $problem->isOpen($slot)) {
                    [$most, $best] = [$problem->stakes[$slot], [$problem, $slot, $chord]];
                }
            }
        }

        return $best;
    }
}
