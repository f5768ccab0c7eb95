<?php

declare(strict_types=1);

namespace App\House;

use App\Journal\JournalProof;
use App\Library\Library;
use App\Models\Suite;
use App\Suite\Presence;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * What may be wrong with a place, each with what to do about it.
 *
 * @phpstan-type Finding array{good: bool, what: string, remedy: string}
 */
final readonly class Examination
{
    private const LEAST_FREE_BYTES = 500_000_000;

    public function __construct(
        private JournalProof $journal,
        private Library $library,
        private Presence $presence,
        private Migrator $migrator,
    ) {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $settings = [
            self::found(! config()->boolean('app.debug'), 'Errors are not shown to visitors', 'Take APP_DEBUG out of var/settings.env.'),
            self::found($this->isClosed(), 'The settings are read by their owner alone', 'chmod 600 var/settings.env'),
            self::found(
                str_starts_with(config()->string('app.url'), 'https://') || $this->isLoopback(),
                'The address of the house is one with TLS, or of this machine alone',
                'Set APP_URL to the https address of the house (docs/operations.md).',
            ),
            self::found(
                disk_free_space(base_path()) > self::LEAST_FREE_BYTES,
                'There is room on the disk',
                'Make at least 500 MB free; backups and old logs are the first to look at.',
            ),
        ];
        try {
            DB::select('select 1');
        } catch (Throwable) {
            return [...$settings, self::found(false, 'The database answers', './zebrafinch start brings it back.')];
        }

        return [...$settings, ...$this->ofDatabase()];
    }

    /** @return list<Finding> */
    private function ofDatabase(): array
    {
        $fault = $this->journal->firstFault();
        $broken = array_keys($this->library->broken());
        $pending = array_diff(
            array_keys($this->migrator->getMigrationFiles(database_path('migrations'))),
            $this->migrator->getRepository()->getRan(),
        );
        $role = DB::selectOne('select rolsuper or rolcreatedb or rolcreaterole as may from pg_roles where rolname = current_user');
        $waiting = (int) DB::scalar('select coalesce(extract(epoch from now()) - min(created_at), 0) from jobs');
        $silent = Suite::query()->whereNotNull('token_hash')->get()->reject($this->presence->isOnline(...))->pluck('name');

        return [
            self::found(true, 'The database answers', ''),
            self::found($pending === [], 'The database is that of this version', './zebrafinch start brings it up to date.'),
            self::found(
                ! ($role->may ?? false),
                'The web comes to the database as one who may only read and write rows',
                'Make the roles as in deploy/database/roles.sql.',
            ),
            self::found(
                $fault === null,
                'The journal is as it was written'.($fault === null ? '' : ": {$fault}"),
                'Compare it with a backup.',
            ),
            self::found(
                $broken === [],
                'Every application can be used'.($broken === [] ? '' : ', but not '.implode(', ', $broken)),
                'Look at it under Applications, or in catalogues/, where the line is told.',
            ),
            self::found(
                $this->library->keyboards->broken() === [],
                'Every board and layout can be read'.
                    implode(
                        '',
                        array_map(static fn (string $file): string => ", but not {$file}", array_keys($this->library->keyboards->broken())),
                    ),
                'Put the file back as it came with the product.',
            ),
            self::found($waiting < 120, 'Nothing waits long for a worker', './zebrafinch status says whether the queue worker runs.'),
            self::found(
                DB::table('failed_jobs')->count() === 0,
                'No work was given up',
                'php artisan queue:failed tells which; queue:retry all tries again.',
            ),
            self::found(
                $silent->isEmpty(),
                'Every agent with a token was heard of'.($silent->isEmpty() ? '' : ', but not in '.$silent->implode(', ')),
                'Look whether it runs there (docs/agent.md).',
            ),
        ];
    }

    private function isClosed(): bool
    {
        $mode = @fileperms(base_path('var/settings.env'));

        return $mode === false || ($mode & 0o077) === 0;
    }

    private function isLoopback(): bool
    {
        return in_array(parse_url(config()->string('app.url'), PHP_URL_HOST), ['127.0.0.1', 'localhost', '[::1]'], true);
    }

    /** @return Finding */
    private static function found(bool $good, string $what, string $remedy): array
    {
        return ['good' => $good, 'what' => $what, 'remedy' => $remedy];
    }
}
