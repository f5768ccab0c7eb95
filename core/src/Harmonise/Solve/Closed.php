<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/** What came of searching the gap between the bound and the best solution. */
final readonly class Closed
{
    /**
     * @param  bool  $isComplete  whether all of the gap was searched
     * @param  Solution|null  $better  the best below the gap; null where none was found
     */
    public function __construct(public bool $isComplete, public ?Solution $better)
    {
    }
}
