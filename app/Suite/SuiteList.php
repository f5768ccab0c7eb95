<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

/** Suites with all that is told of them, in a number of queries that does not grow with the number of suites. */
final readonly class SuiteList
{
    /** Orders that are told of each suite. */
    private const RECENT_ORDERS = 6;

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
            'files' => static fn (HasMany $files) => $files
                ->select(['id', 'suite_id', 'application', 'release_id', 'installed_sha256', 'reported_sha256', 'changed_at'])
                ->selectRaw('reported_bytes is not null as has_reported_bytes'),
            'files.release' => static fn ($releases) => $releases->select(['id', 'preset_id', 'number'])->withNewest(),
            'files.release.preset',
            'recentOrders' => static fn (HasMany $orders) => $orders->limit(self::RECENT_ORDERS),
            'openOrders',
        ];
    }
}
