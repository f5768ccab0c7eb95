<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match\Harmonise;

/** How far the solver has come. */
final readonly class Progress
{
    /** @param  float  $cost  of the best solution so far; INF before there is one */
    public function __construct(public float $cost, public float $bound)
    {
    }
}
