<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/** How far the solver has come. */
final readonly class Progress
{
    /** @param  float  $cost  of the best solution so far; INF before there is one */
    public function __construct(public float $cost, public float $bound)
    {
    }

    /** How far from the optimum the best can be at most, as a share of its cost; null before there is one. */
    public function gap(): ?float
    {
        return is_finite($this->cost) && is_finite($this->bound) && $this->cost > 0.0
            ? max(0.0, $this->cost - $this->bound) / $this->cost
            : null;
    }
}
