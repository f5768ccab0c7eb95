<?php

declare(strict_types=1);

namespace App\Usage\Http;

use App\Library\Library;
use App\Usage\HouseSums;

/** What the house uses, as sums that nobody can be read from. */
final readonly class HouseUsageController
{
    public function __construct(private HouseSums $sums, private Library $library)
    {
    }

    public function __invoke(): HouseUsageResource
    {
        return new HouseUsageResource($this->sums->all(), $this->sums->people(), $this->library);
    }
}
