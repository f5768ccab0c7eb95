<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

use Closure;

/**
 * Finds the cheapest solution of an instance and proves how cheap any can be. Prices on the doubles and the false friends leave one small
 * problem for each intent ({@see Relaxation}); raising the bound ({@see Ascent}) and bettering solutions ({@see Improvement}) go in turns;
 * what can then still be better is searched ({@see Branching}, {@see Closing}). Same instance, same answer, unless it is stopped.
 */
final class Solver
{
    /** Rounds over which the bound must have closed some of the gap to go on raising it. */
    private const PATIENCE = 6;

    private const WORTH_GOING_ON = 0.06;

    /** Below this gap, as a share of the cost, the search alone is faster. */
    private const WORTH_ANNEALING = 0.001;

    private const CHAINS_FOR_EACH_INTENT = 20;

    private readonly Relaxation $relaxation;

    private readonly Ascent $ascent;

    private readonly Dice $dice;

    private readonly Improvement $improvement;

    private readonly Incumbent $incumbent;

    private float $proved = -INF;

    private bool $isStopped = false;

    /** @param  Closure(Progress): bool  $goOn */
    private function __construct(private readonly Instance $instance, private readonly Closure $goOn)
    {
        $this->relaxation = new Relaxation($instance);
        $this->ascent = new Ascent($this->relaxation);
        $this->dice = new Dice();
        $this->improvement = new Improvement($this->relaxation, $this->dice);
        $this->incumbent = new Incumbent($instance);
    }

    /**
     * @param  (Closure(Progress): bool)|null  $goOn  asked again and again; false ends the work with the best so far
     * @return Answer|null  null when no solution is allowed
     */
    public static function solve(Instance $instance, ?Closure $goOn = null): ?Answer
    {
        return (new self($instance, $goOn ?? static fn (): bool => true))->run();
    }

    private function run(): ?Answer
    {
        if ($this->instance->slots === []) {
            return new Answer([], 0.0, 0.0, true, $this->ascent->best, 0.0);
        }
        $this->raise();
        if (! $this->isDone()) {
            if ($this->incumbent->cost - $this->proved > self::WORTH_ANNEALING * $this->incumbent->cost) {
                $this->anneal();
            }
            $this->ascent->polish();
            $this->ascent->narrow($this->incumbent->limit());
            $this->proved = max($this->proved, $this->ascent->bound);
            $left = (new Branching($this->relaxation, $this->improvement, $this->incumbent, $this->goesOn(...)))->search($this->ascent);
            $this->proved = max($this->proved, min($left, $this->incumbent->cost));
        }
        if ($this->incumbent->cost === INF) {
            return null;
        }
        $isOptimal = $this->proved >= $this->incumbent->limit();

        return new Answer(
            $this->incumbent->choices,
            $this->incumbent->cost,
            $isOptimal ? $this->incumbent->cost : $this->proved,
            $isOptimal,
            $this->ascent->best,
            (new Relaxation($this->instance))->solve($this->ascent->best, true),
        );
    }

    private function isDone(): bool
    {
        return $this->isStopped || $this->proved >= $this->incumbent->limit();
    }

    private function goesOn(): bool
    {
        $this->isStopped = $this->isStopped || ! ($this->goOn)(new Progress($this->incumbent->cost, $this->proved));

        return ! $this->isStopped;
    }

    private function raise(): void
    {
        $gaps = [];
        for ($round = 0; ! $this->ascent->isFlat(); $round++) {
            $isBetter = $this->ascent->measure();
            $wanted = $this->relaxation->choices();
            $this->ascent->narrow($this->incumbent->limit());
            if ($isBetter || $round < 3) {
                $this->improvement->startFrom($wanted, $this->incumbent);
            }
            $this->proved = $this->ascent->bound;
            $gaps[] = $this->incumbent->cost - $this->proved;
            $isSlow = $round >= self::PATIENCE && $gaps[$round] > (1.0 - self::WORTH_GOING_ON) * $gaps[$round - self::PATIENCE];
            if ($this->isDone() || $isSlow || ! $this->goesOn()) {
                return;
            }
            $this->ascent->climb($this->incumbent->cost === INF ? 1.1 * $this->proved : $this->incumbent->cost);
        }
    }

    /** Chains of intents that throw each other out, with dearer solutions allowed less and less. */
    private function anneal(): void
    {
        if ($this->incumbent->solution === null) {
            return;
        }
        $intents = count($this->relaxation->problems);
        $this->improvement->solution = clone $this->incumbent->solution;
        $now = $this->incumbent->cost;
        $heat = 0.0002 * abs($now);
        for ($chain = 0; $chain < self::CHAINS_FOR_EACH_INTENT * $intents; $chain++) {
            if ($chain % 20 === 0 && ! $this->goesOn()) {
                break;
            }
            $now -= $this->improvement->chain(
                $this->dice->roll($intents),
                $this->ascent->best->capacity,
                $heat * -log($this->dice->share()),
            );
            if ($this->incumbent->offer($this->improvement->solution, $now)) {
                $now = $this->incumbent->cost;
            }
            $heat *= 0.998;
        }
    }
}
