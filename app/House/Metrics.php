<?php

declare(strict_types=1);

namespace App\House;

use App\Models\Suite;
use App\Models\User;
use App\Suite\Presence;
use Illuminate\Support\Facades\DB;

/** What can be counted, as OpenMetrics 1.0 writes it. */
final readonly class Metrics
{
    public function __construct(private Presence $presence)
    {
    }

    public function text(): string
    {
        $suites = Suite::query()->get();
        $online = $suites->filter($this->presence->isOnline(...))->count();
        $lines = [
            ...self::gauge('zebrafinch_people', 'Accounts that can sign in.', User::active()->count()),
            ...self::gauge(
                'zebrafinch_sessions',
                'Sessions of people who are signed in.',
                DB::table('sessions')->whereNotNull('user_id')->count(),
            ),
            ...self::gauge('zebrafinch_suites', 'Suites in use.', $suites->count()),
            ...self::gauge('zebrafinch_suites_online', 'Suites whose agent was heard of within seconds.', $online),
            ...self::gauge('zebrafinch_jobs_waiting', 'Work that waits for a worker.', DB::table('jobs')->count()),
            ...self::gauge('zebrafinch_jobs_failed', 'Work that was given up.', DB::table('failed_jobs')->count()),
            ...self::gauge('zebrafinch_database_bytes', 'Size of the database.', $this->databaseBytes()),
            ...self::counter('zebrafinch_journal_entries', 'Entries of the journal.', DB::table('journal')->count()),
            '# EOF',
        ];

        return implode("\n", $lines)."\n";
    }

    private function databaseBytes(): int
    {
        return (int) DB::scalar('select pg_database_size(current_database())');
    }

    /** @return list<string> */
    private static function gauge(string $name, string $help, int $value): array
    {
        return ["# TYPE {$name} gauge", "# HELP {$name} {$help}", "{$name} {$value}"];
    }

    /** @return list<string> */
    private static function counter(string $name, string $help, int $value): array
    {
        return ["# TYPE {$name} counter", "# HELP {$name} {$help}", "{$name}_total {$value}"];
    }
}
