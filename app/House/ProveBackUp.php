<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Compares a database with the manifest of a backup, row by row. */
final class ProveBackUp extends Command
{
    protected $signature = 'house:prove-backup {manifest}';

    protected $description = 'Say whether the database holds exactly what a backup says';

    public function handle(): int
    {
        $path = $this->argument('manifest');
        $manifest = json_decode(File::get(is_string($path) ? $path : ''), true, 512, JSON_THROW_ON_ERROR);
        $found = TableDigests::of(DB::connection('owner'));
        foreach ($differences = TableDigests::differences($manifest['tables'], $found) as $difference) {
            $this->error($difference);
        }

        return $differences === [] ? self::SUCCESS : self::FAILURE;
    }
}
