<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Keymap;
use App\Usage\UsageLogs;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Takes away what is over; run once a day. The journal, releases and histories of keymaps stay. */
final class Tidy extends Command
{
    private const MAIL_DAYS = 14;

    /** What was answered stays with the cards. */
    private const DRILL_DAYS = 90;

    /** What was tried out, read in and searched for is looked at for a while; what came of it is in the keymaps. */
    private const WORK_DAYS = 30;

    protected $signature = 'house:tidy';

    protected $description = 'Take away what is over: old sessions, links, answers, letters, and keymaps that can no longer be restored';

    public function handle(): int
    {
        DB::table('sessions')
            ->where('last_activity', '<', now()->subMinutes(config()->integer('session.lifetime'))->getTimestamp())
            ->delete();
        DB::table('first_answers')->where('created_at', '<', now()->subDay())->delete();
        DB::table('invitations')->where('expires_at', '<', now()->subDays(30))->delete();
        DB::table('password_reset_tokens')->where('created_at', '<', now()->subDay())->delete();
        DB::table('personal_access_tokens')->where('expires_at', '<', now()->subDays(30))->delete();
        DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();
        DB::table('usage_days')
            ->where('day', '<', now()->subDays(UsageLogs::DAYS_STORED)->toDateString())
            ->delete();
        DB::table('drills')->where('started_at', '<', now()->subDays(self::DRILL_DAYS))->delete();
        $this->tidyWork();
        $this->call('model:prune', ['--model' => Keymap::class]);
        foreach (File::glob(config()->string('mail.mailers.folder.path').'/*.eml') as $letter) {
            if (File::lastModified($letter) < now()->subDays(self::MAIL_DAYS)->getTimestamp()) {
                File::delete($letter);
            }
        }

        return self::SUCCESS;
    }

    private function tidyWork(): void
    {
        $before = now()->subDays(self::WORK_DAYS);
        DB::table('rehearsals')->where('updated_at', '<', $before)->delete();
        DB::table('presses')->where('created_at', '<', $before)->delete();
        DB::table('key_files')->where('updated_at', '<', $before)->delete();
        DB::table('harmonisations')->where('updated_at', '<', $before)->delete();
    }
}
