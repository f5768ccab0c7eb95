<?php

declare(strict_types=1);

namespace App\House;

use App\Models\House;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;

/** Writes the database as it is at one moment, whoever writes meanwhile, with what is needed to read it. */
final class BackUp extends Command
{
    public const FORMAT = 'zebrafinch-backup';

    protected $signature = 'house:backup {folder : an empty folder}';

    protected $description = 'Write the database, the settings and a manifest into a folder';

    public function handle(): int
    {
        $folder = $this->argument('folder');
        $folder = is_string($folder) ? $folder : '';
        $owner = DB::connection('owner');
        $owner->statement('begin transaction isolation level repeatable read read only');
        $snapshot = (string) $owner->scalar('select pg_export_snapshot()');
        $config = config()->array('database.connections.owner');
        $result = Process::env(['PGPASSWORD' => (string) $config['password']])
            ->timeout(3600)
            ->run([
                'pg_dump',
                '-Fc',
                "--snapshot={$snapshot}",
                '-h',
                $config['host'],
                '-p',
                (string) $config['port'],
                '-U',
                $config['username'],
                '-d',
                $config['database'],
                '-f',
                "{$folder}/database.dump",
            ]);
        if ($result->failed()) {
            $this->error(trim($result->errorOutput()));

            return self::FAILURE;
        }
        // In the same moment as the dump: the snapshot is this transaction's.
        $tables = TableDigests::of($owner);
        $owner->statement('commit');
        File::copy(base_path('var/settings.env'), "{$folder}/settings.env");
        $digest = static fn (string $name): string => (string) hash_file('sha256', "{$folder}/{$name}");
        File::put(
            "{$folder}/manifest.json",
            json_encode(
                [
                    'format' => self::FORMAT,
                    'version' => 1,
                    'made_at' => gmdate('c'),
                    'house' => House::current()->name,
                    'files' => ['database.dump' => $digest('database.dump'), 'settings.env' => $digest('settings.env')],
                    'tables' => $tables,
                ],
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT,
            )."\n",
        );
        $rows = array_sum(array_column($tables, 'rows'));
        $this->line(count($tables)." tables with {$rows} rows.");

        return self::SUCCESS;
    }
}
