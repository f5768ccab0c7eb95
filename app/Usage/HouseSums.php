<?php

declare(strict_types=1);

namespace App\Usage;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Sums over people, command by command, of those commands alone that enough people have used. The week that goes on is left out: a sum that
 * is looked at before and after somebody's day would tell of that day.
 */
final readonly class HouseSums
{
    /** A sum of fewer could be somebody. */
    public const FEWEST_PEOPLE = 5;

    /** @return list<array{application: string, command: string, key: int, mouse: int, people: int}> the most used first */
    public function all(): array
    {
        return array_values(
            $this->rows()
                ->groupBy('application', 'command')
                ->havingRaw('count(distinct kit_id) >= ?', [self::FEWEST_PEOPLE])
                ->selectRaw(
                    'application, command, sum(by_key)::bigint as key, sum(by_mouse)::bigint as mouse, count(distinct kit_id) as people',
                )
                ->orderByRaw('sum(by_key + by_mouse) desc, application, command')
                ->get()
                ->map(
                    static fn (object $row): array => [
                        'application' => (string) $row->application,
                        'command' => (string) $row->command,
                        'key' => (int) $row->key,
                        'mouse' => (int) $row->mouse,
                        'people' => (int) $row->people,
                    ],
                )
                ->all(),
        );
    }

    /** How many people's uses are known. */
    public function people(): int
    {
        return (int) $this->rows()->distinct()->count('kit_id');
    }

    private function rows(): Builder
    {
        return DB::table('usage_days')
            ->join('usage_sources', 'usage_sources.id', '=', 'usage_days.source_id')
            ->where('day', '<', now()->startOfWeek()->toDateString());
    }
}
