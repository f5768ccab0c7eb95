<?php

declare(strict_types=1);

namespace App\Person;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\Audience;
use App\Models\Keymap;
use App\Models\Role;
use App\Models\User;
use App\Problems\Stale;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The accounts of the house: what role each has, who may sign in, and whose data is taken out for good. */
final readonly class People
{
    public function __construct(private Journal $journal, private SignedOut $signedOut)
    {
    }

    /** @throws LastKeeper|Stale */
    public function giveRole(User $user, Role $role, int $version): User
    {
        return $this->change($user, $version, function (User $locked) use ($role): void {
            if (! $role->keepsSuites()) {
                $this->refuseLastKeeper($locked);
            }
            $this->journal->note('role-given', Subject::person($locked), ['from' => $locked->role->value, 'to' => $role->value]);
            $locked->role = $role;
        });
    }

    /**
     * They are signed out everywhere at once; what they have made stays.
     *
     * @throws LastKeeper|Stale
     */
    public function disable(User $user, int $version): User
    {
        return $this->change($user, $version, function (User $locked): void {
            $this->refuseLastKeeper($locked);
            $locked->disabled_at = Carbon::now();
            $this->signedOut->everywhere($locked);
            $this->journal->note('disabled', Subject::person($locked));
        });
    }

    /** @throws Stale */
    public function enable(User $user, int $version): User
    {
        return $this->change($user, $version, function (User $locked): void {
            $locked->disabled_at = null;
            $this->journal->note('enabled', Subject::person($locked));
        });
    }

    /**
     * Takes out what belongs to a person: their name, address and password, their keymaps, key files, words, usage and sign-ins.
     * What the house stands on stays, under "a person who was removed": releases, and who did what when.
     *
     * @throws LastKeeper
     */
    public function remove(User $user): void
    {
        DB::transaction(function () use ($user): void {
            $locked = User::locked($user);
            $this->refuseLastKeeper($locked);
            $this->signedOut->everywhere($locked);
            $kit = $locked->kit;
            // A release never changes; nobody but its maker saw these, and nobody is named in them.
            $kit->presets()
                ->where('audience', Audience::Mine)
                ->update(['name' => 'A preset of a person who was removed']);
            Keymap::withTrashed()->where('kit_id', $kit->id)->get()->each(static fn (Keymap $keymap) => $keymap->forceDelete());
            foreach ([$kit->keyFiles(), $kit->acceptedClashes(), $kit->ownMatches(), $kit->ownIntents(), $kit->harmonisations()] as $rows) {
                $rows->delete();
            }
            DB::table('usage_sources')->where('kit_id', $kit->id)->delete();
            $kit->follows()->delete();
            foreach (['looks', 'learners', 'cards', 'drills'] as $table) {
                DB::table($table)->where('user_id', $locked->id)->delete();
            }
            $kit->update(['name' => 'Kit of a person who was removed']);
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

    /** @param  callable(User): void  $change */
    private function change(User $user, int $version, callable $change): User
    {
        return DB::transaction(static function () use ($user, $version, $change): User {
            $locked = User::locked($user);
            if ($locked->version !== $version || $locked->removed_at !== null) {
                throw Stale::thing("The account of {$user->name}");
            }
            $change($locked);
            $locked->version++;
            $locked->save();

            return $locked;
        });
    }

    /** Keepers who might go at the same time wait for each other, in one order. */
    private function refuseLastKeeper(User $user): void
    {
        $keepers = User::active()->where('role', Role::SuiteKeeper)->orderBy('id')->lockForUpdate()->pluck('id');
        if ($keepers->all() === [$user->id]) {
            throw LastKeeper::of($user->name);
        }
    }
}
