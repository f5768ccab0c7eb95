<?php

declare(strict_types=1);

namespace App\House;

use App\Account\PersonalTables;
use App\Models\Keymap;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Takes away what is over; run once a day. The journal, releases and histories of keymaps stay. */
final class Tidy extends Command
{
    private const MAIL_DAYS = 14;

    protected $signature = 'house:tidy';

    protected $description = 'Take away what is over: old sessions, links, answers, letters, and keymaps that can no longer be restored';

    public function handle(): int
    {
        foreach (PersonalTables::all() as $table) {
            if ($table->minutes !== null) {
                DB::table($table->name)
                    ->whereRaw("{$table->since} < ?", [now()->subMinutes($table->minutes)])
                    ->delete();
            }
        }
        DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();
        $this->call('model:prune', ['--model' => Keymap::class]);
        foreach (File::glob(config()->string('mail.mailers.folder.path').'/*.eml') as $letter) {
            if (File::lastModified($letter) < now()->subDays(self::MAIL_DAYS)->getTimestamp()) {
                File::delete($letter);
            }
        }

        return self::SUCCESS;
    }
}
