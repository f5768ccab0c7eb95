<?php

declare(strict_types=1);

namespace App\Suite;

use App\Library\Library;
use App\Models\Suite;
use Zebrafinch\Core\Keyboard\Seat;

/** The keyboards that stand in the suites. */
final readonly class SuiteSeats
{
    public function __construct(private Library $library)
    {
    }

    public function of(Suite $suite): Seat
    {
        return $this->library->keyboards->seat($suite->board, $suite->layout, $suite->system);
    }

    /**
     * @param  list<string>  $slugs
     * @return array<string, Seat> by the name of the suite
     */
    public function named(array $slugs): array
    {
        return $slugs === []
            ? []
            : Suite::query()
                ->whereIn('slug', $slugs)
                ->orderBy('name')
                ->get()
                ->mapWithKeys(fn (Suite $suite): array => [$suite->name => $this->of($suite)])
                ->all();
    }
}
