<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/** Raises the bound: the prices move along what the relaxed solution uses too much and too little of (subgradient steps, smoothed). */
final class Ascent
{
    /** Steps between two full solutions. */
    private const STEPS = 12;

    /** How much of its way the price keeps from step to step. */
    private const SMOOTHING = 0.5;

    private float $scale = 1.0;

    private int $sinceBetter = 0;

    public float $bound = -INF;

    /** The prices of the best bound. */
    public Multipliers $best;

    private Multipliers $now;

    /** What the relaxation gave at the best prices when it was restored last. */
    public float $reached = -INF;

    /** The bound that was measured last. */
    private float $measured = -INF;

    /** @var array<int, float> */
    private array $capacityWay;

    /** @var array<int, float> */
    private array $misleadingWay;

    /** @var array<int, float> the square of the steps in which a price moves */
    private array $capacityScale;

    /** @var array<int, float> */
    private array $misleadingScale;

    public function __construct(private readonly Relaxation $relaxation)
    {
        $this->now = Multipliers::none($relaxation->instance);
        $this->best = clone $this->now;
        $this->capacityWay = $this->now->capacity;
        $this->misleadingWay = $this->now->misleading;
        $this->capacityScale = array_fill(0, count($this->capacityWay), 1.0);
        $this->misleadingScale = array_fill(0, count($this->misleadingWay), 1.0);
    }

    /** Full solution at the present prices; true when it is the best bound so far. */
    public function measure(): bool
    {
        $value = $this->relaxation->solve($this->now, true);
        $this->measured = $value;
        $isBetter = $value > $this->bound;
        if ($isBetter) {
            $isClearly = $value > $this->bound + 1e-4 * abs($value);
            $this->bound = $value;
            $this->best = clone $this->now;
            $this->sinceBetter = $isClearly ? 0 : $this->sinceBetter + 1;
        } else {
            $this->sinceBetter++;
        }
        if ($this->sinceBetter >= 2) {
            $this->scale *= 0.75;
            $this->sinceBetter = 0;
            $this->now = clone $this->best;
            $this->capacityWay = array_fill(0, count($this->capacityWay), 0.0);
            $this->misleadingWay = array_fill(0, count($this->misleadingWay), 0.0);
        }

        return $isBetter;
    }

    /** Goes on from the best prices in small steps, for an instance of which something was fixed. */
    public function under(): self
    {
        $under = clone $this;
        $under->now = $this->best;
        $under->bound = -INF;
        $under->scale = 0.3;
        $under->sinceBetter = 0;

        return $under;
    }

    /** Right after {@see measure()}: leaves out what can only be part of solutions that cost $cost or more. */
    public function narrow(float $cost): void
    {
        $this->relaxation->narrow($cost - $this->measured);
    }

    public function isFlat(): bool
    {
        return $this->scale < 0.0005;
    }

    /** Full solution at the best prices once more. */
    public function restore(): void
    {
        $this->reached = $this->relaxation->solve($this->best, true);
    }

    /** Takes what is left between the best prices and the best there are, one price at a time; for the last steps to a proof. */
    public function polish(): void
    {
        $this->restore();
        [$prices, $value] = Polishing::of($this->relaxation, $this->best, $this->reached);
        if ($value > $this->reached) {
            $this->best = $prices;
            $this->reached = $value;
            $this->bound = max($this->bound, $value);
        } else {
            $this->restore();
        }
        $this->measured = $this->reached;
    }

    /** Some steps on the shortlists. */
    public function climb(float $target, int $steps = self::STEPS): void
    {
        for ($step = 0; $step < $steps; $step++) {
            $value = $this->relaxation->solve($this->now, false);
            $this->step(max($target - $value, 1e-6 * abs($target)));
        }
    }

    private function step(float $distance): void
    {
        [$loads, $opened] = $this->use();
        $capacity = $this->now->capacity;
        $misleading = $this->now->misleading;
        $most = $this->relaxation->instance->misleading;
        $norm = 0.0;
        $ways = [];
        foreach ($capacity as $at => $price) {
            $excess = ($loads[$at] ?? 0) - 1.0;
            if ($excess !== 0.0 && ($price > 0.0 || $excess > 0.0)) {
                $way = $this->capacityWay[$at] = $excess + self::SMOOTHING * $this->capacityWay[$at];
                $metric = $this->capacityScale[$at];
                $ways[$at] = $way * $metric;
                $norm += $excess * $excess * $metric;
            }
        }
        $openings = [];
        foreach ($misleading as $chord => $price) {
            $excess = ($opened[$chord] ?? 0) - 1.0;
            if ($excess !== 0.0 && ! ($excess < 0.0 && $price <= 0.0) && ! ($excess > 0.0 && $price >= $most)) {
                $way = $this->misleadingWay[$chord] = $excess + self::SMOOTHING * $this->misleadingWay[$chord];
                $metric = $this->misleadingScale[$chord];
                $openings[$chord] = $way * $metric;
                $norm += $excess * $excess * $metric;
            }
        }
        if ($norm === 0.0) {
            return;
        }
        $length = ((1.0 - self::SMOOTHING) * $this->scale * $distance) / $norm;
        foreach ($ways as $at => $way) {
            $capacity[$at] = max(0.0, $capacity[$at] + $length * $way);
        }
        foreach ($openings as $chord => $way) {
            $misleading[$chord] = min($most, max(0.0, $misleading[$chord] + $length * $way));
        }
        $this->now = new Multipliers($capacity, $misleading);
    }

    /**
     * How many slots have each chord in each group, and how many intents have each chord. What is wanted twice is a matter of the
     * second most important that wants it: its price moves in steps of that size.
     *
     * @return array{array<int, int>, array<int, int>}
     */
    private function use(): array
    {
        $loads = [];
        $opened = [];
        $largest = [];
        $chords = $this->relaxation->chords;
        foreach ($this->relaxation->problems as $problem) {
            $open = [];
            foreach ($problem->choice as $slot => $chord) {
                if ($chord < 0) {
                    continue;
                }
                $weight = $problem->stakes[$slot];
                foreach ($problem->groups[$slot] as $group) {
                    $at = $group * $chords + $chord;
                    $loads[$at] = ($loads[$at] ?? 0) + 1;
                    if ($loads[$at] === 1) {
                        $largest[$at] = $weight;
                    } elseif ($loads[$at] === 2) {
                        $this->capacityScale[$at] = min($largest[$at], $weight);
                    }
                }
                $open[$chord] = ($open[$chord] ?? 0.0) + $weight;
            }
            foreach ($open as $chord => $weight) {
                $opened[$chord] = ($opened[$chord] ?? 0) + 1;
                if ($opened[$chord] === 1) {
                    $largest[-1 - $chord] = $weight;
                } elseif ($opened[$chord] === 2) {
                    $this->misleadingScale[$chord] = min($largest[-1 - $chord], $weight, $this->relaxation->instance->misleading);
                }
            }
        }

        return [$loads, $opened];
    }
}
