<?php

declare(strict_types=1);

namespace App\Usage;

use App\Models\Kit;
use App\Models\Sitting;
use App\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Zebrafinch\Core\Usage\UsageDays;
use Zebrafinch\Core\Usage\UsageLog;

/**
 * People's usage, day by day, from the logs that they bring and from the sittings that they said yes to. Only commands, days and the hand
 * are stored.
 */
final readonly class UsageLogs
{
    /** What is older tells nothing of today's hands, and is taken away once a day. */
    public const DAYS_STORED = 400;

    private const ROWS_AT_ONCE = 2_000;

    public function days(Kit $kit): UsageDays
    {
        $rows = DB::table('usage_days')
            ->join('usage_sources', 'usage_sources.id', '=', 'usage_days.source_id')
            ->where('kit_id', $kit->id)
            ->groupBy('day', 'application', 'command')
            ->selectRaw('day, application, command, sum(by_key)::bigint as key, sum(by_mouse)::bigint as mouse')
            ->orderBy('day')
            ->orderBy('application')
            ->orderBy('command')
            ->get();

        return UsageDays::fromRows(
            $rows->map(
                static fn (stdClass $row): array => [
                    'day' => (string) $row->day,
                    'application' => (string) $row->application,
                    'command' => (string) $row->command,
                    'key' => (int) $row->key,
                    'mouse' => (int) $row->mouse,
                ],
            ),
        );
    }

    /** Everything added up; null where nothing is known. */
    public function sum(Kit $kit): ?UsageLog
    {
        $rows = DB::table('usage_days')
            ->join('usage_sources', 'usage_sources.id', '=', 'usage_days.source_id')
            ->where('kit_id', $kit->id)
            ->groupByRaw('grouping sets ((application, command), ())')
            ->selectRaw('application, command, sum(by_key)::bigint as key, sum(by_mouse)::bigint as mouse, count(distinct day) as days')
            ->get();
        $uses = [];
        $days = 0;
        foreach ($rows as $row) {
            if ($row->application === null) {
                $days = (int) $row->days;
            } else {
                $uses[$row->application][$row->command] = [(int) $row->key, (int) $row->mouse];
            }
        }

        return $uses === [] ? null : UsageLog::counted($uses, $days);
    }

    /** @return Collection<int, stdClass> id, name, sitting_id, created_at, first, last, uses: the newest first */
    public function sources(Kit $kit): Collection
    {
        return DB::table('usage_sources')
            ->leftJoin('usage_days', 'usage_sources.id', '=', 'usage_days.source_id')
            ->where('kit_id', $kit->id)
            ->groupBy('usage_sources.id')
            ->selectRaw(
                'usage_sources.id, name, sitting_id, min(usage_sources.created_at) as created_at, min(day) as first, max(day) as last',
            )
            ->selectRaw('coalesce(sum(by_key + by_mouse), 0)::bigint as uses')
            ->orderByDesc('usage_sources.id')
            ->get();
    }

    /**
     * A log that somebody brings. Where an earlier one of theirs tells of the same day and application, the new one takes its place: a log
     * that has grown is brought again and again.
     *
     * @throws \Zebrafinch\Core\Usage\UnreadableUsage with nothing changed
     */
    public function bring(User $user, string $name, string $csv): void
    {
        $days = UsageDays::fromCsv($csv);
        DB::transaction(function () use ($user, $name, $days): void {
            Kit::lock($user->kit->id);
            $told = [];
            foreach ($days->rows() as ['day' => $day, 'application' => $application]) {
                $told["{$day} {$application}"] = [$day, $application];
            }
            $earlier = UsageSource::query()->where('kit_id', $user->kit->id)->whereNull('sitting_id')->pluck('id');
            foreach (array_chunk(array_values($told), self::ROWS_AT_ONCE) as $some) {
                DB::table('usage_days')
                    ->whereIn('source_id', $earlier)
                    ->whereIn(
                        DB::raw("day::text || ' ' || application"),
                        array_map(static fn (array $one): string => implode(' ', $one), $some),
                    )
                    ->delete();
            }
            DB::table('usage_sources')
                ->whereIn('id', $earlier)
                ->whereNotExists(static fn ($query) => $query->from('usage_days')->whereColumn('usage_days.source_id', 'usage_sources.id'))
                ->delete();
            $this->store(UsageSource::query()->create(['kit_id' => $user->kit->id, 'name' => $name]), $days);
        });
    }

    /** What a suite tells of a sitting: each time all of it, so that a report that comes twice counts once. */
    public function tell(Sitting $sitting, string $application, UsageDays $days): void
    {
        DB::transaction(function () use ($sitting, $application, $days): void {
            Kit::lock($sitting->user->kit->id);
            $source = UsageSource::query()->firstOrCreate(
                ['sitting_id' => $sitting->id],
                ['kit_id' => $sitting->user->kit->id, 'name' => $sitting->suite->name],
            );
            DB::table('usage_days')->where('source_id', $source->id)->where('application', $application)->delete();
            $this->store($source, $days);
        });
    }

    public function forget(User $user): void
    {
        DB::transaction(static fn () => UsageSource::query()->where('kit_id', $user->kit->id)->delete());
    }

    public function forgetSource(UsageSource $source): void
    {
        DB::transaction(static fn () => $source->delete());
    }

    private function store(UsageSource $source, UsageDays $days): void
    {
        $rows = [];
        foreach ($days->rows() as $row) {
            $rows[] = [
                'source_id' => $source->id,
                'day' => $row['day'],
                'application' => $row['application'],
                'command' => $row['command'],
                'by_key' => $row['key'],
                'by_mouse' => $row['mouse'],
            ];
        }
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
            DB::table('usage_days')->insert($some);
        }
    }
}
