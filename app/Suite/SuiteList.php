<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Release;
use App\Models\Suite;
use Illuminate\Support\Collection;

/** Suites with all that is told of them, in a number of queries that does not grow with the number of suites. */
final readonly class SuiteList
{
    /** @return Collection<int, Suite> */
    public function all(): Collection
    {
        return Suite::query()->with($this->relations())->orderBy('name')->get();
    }

    public function loaded(Suite $suite): Suite
    {
        return $suite->load($this->relations());
    }

    /** @return array<int|string, mixed> */
    private function relations(): array
    {
        return [
            'preset',
            'preset.newest' => static fn ($releases) => $releases->select(['releases.id', 'releases.preset_id', 'releases.number']),
            'release' => static fn ($releases) => $releases->select(['id', 'preset_id', 'number']),
            'sitting.user',
        ];
    }

    /** How many releases of a preset lie between two, so that a suite can be said to be that many behind. */
    public function behind(Suite $suite, ?Release $newest): int
    {
        return $newest === null || $suite->release === null ? 0 : max(0, $newest->number - $suite->release->number);
    }
}
