<?php

declare(strict_types=1);

namespace App\Account;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Zebrafinch\Core\Preset\Audience;
use Zebrafinch\Core\Suite\Role;

/**
 * Takes a person out of the house: their name, address and password, their keymaps, key files, words, usage and sign-ins.
 * What the house stands on stays, under "a person who was removed": releases, and who did what when.
 */
final readonly class Removal
{
    public function __construct(private Journal $journal, private LastKeeper $lastKeeper)
    {
    }

    /** @throws AccountRefused for the last keeper */
    public function remove(User $user): void
    {
        DB::transaction(function () use ($user): void {
            $locked = User::locked($user);
            $this->lastKeeper->refuse($locked);
            foreach (PersonalTables::all() as $table) {
                if ($table->isErased) {
                    PersonalTables::run($table, $locked, "delete from {$table->name}");
                }
            }
            // A release never changes; nobody but its maker saw these, and nobody is named in them.
            $locked->kit
                ->presets()
                ->where('audience', Audience::Mine)
                ->update(['name' => 'A preset of a person who was removed']);
            $locked->kit->update(['name' => 'Kit of a person who was removed']);
            $locked
                ->forceFill([
                    'name' => 'a person who was removed',
                    'email' => "removed-{$locked->id}@removed.invalid",
                    'password' => Str::random(60),
                    'second_factor' => null,
                    'second_factor_at' => null,
                    'recovery_codes' => [],
                    'disabled_at' => now(),
                    'removed_at' => now(),
                    'role' => Role::Assistant,
                ])
                ->save();
            $this->journal->note('removed', Subject::person($locked));
        });
    }
}
