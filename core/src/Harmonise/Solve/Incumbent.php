<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/** The best solution so far. */
final class Incumbent
{
    /** What counts as the same cost, as a share of it. */
    public const EQUAL = 1e-7;

    public float $cost = INF;

    public ?Solution $solution = null;

    /** @var array<int, int|null> by slot */
    public array $choices = [];

    public function __construct(private readonly Instance $instance)
    {
    }

    /** @param  float  $cost  as it was reckoned step by step; -INF when that is not known */
    public function offer(Solution $solution, float $cost): bool
    {
        if ($cost >= $this->cost - 1e-9) {
            return false;
        }
        $choices = $solution->bySlot();
        // Summed anew, so that small errors of many steps do not add up.
        $exactly = $this->instance->cost($choices);
        if ($exactly >= $this->cost) {
            return false;
        }
        [$this->cost, $this->choices, $this->solution] = [$exactly, $choices, clone $solution];

        return true;
    }

    /** Whatever costs at least this is not better. */
    public function limit(): float
    {
        return $this->cost === INF ? INF : $this->cost - self::EQUAL * abs($this->cost);
    }
}
