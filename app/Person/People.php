<?php

declare(strict_types=1);

namespace App\Person;

use App\Account\AccountRefused;
use App\Account\LastKeeper;
use App\Account\SignedOut;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use App\Problems\RequestRefused;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Suite\Role;

/** The accounts of the house: what role each has, who may sign in. */
final readonly class People
{
    public function __construct(private Journal $journal, private SignedOut $signedOut, private LastKeeper $lastKeeper)
    {
    }

    /** @throws AccountRefused|RequestRefused */
    public function giveRole(User $user, Role $role, int $version): User
    {
        return $this->change($user, $version, function (User $locked) use ($role): void {
            if (! $role->keepsSuites()) {
                $this->lastKeeper->refuse($locked);
            }
            $this->journal->note('role-given', Subject::person($locked), ['from' => $locked->role->value, 'to' => $role->value]);
            $locked->role = $role;
        });
    }

    /** @throws AccountRefused|RequestRefused */
    public function setDisabled(User $user, bool $isDisabled, int $version): User
    {
        return $isDisabled ? $this->disable($user, $version) : $this->enable($user, $version);
    }

    /**
     * They are signed out everywhere at once; what they have made stays.
     *
     * @throws AccountRefused|RequestRefused
     */
    private function disable(User $user, int $version): User
    {
        return $this->change($user, $version, function (User $locked): void {
            $this->lastKeeper->refuse($locked);
            $locked->disabled_at = Carbon::now();
            $this->signedOut->everywhere($locked);
            $this->journal->note('disabled', Subject::person($locked));
        });
    }

    /** @throws RequestRefused */
    private function enable(User $user, int $version): User
    {
        return $this->change($user, $version, function (User $locked): void {
            $locked->disabled_at = null;
            $this->journal->note('enabled', Subject::person($locked));
        });
    }

    /** @param  callable(User): void  $change */
    private function change(User $user, int $version, callable $change): User
    {
        return DB::transaction(static function () use ($user, $version, $change): User {
            $locked = User::locked($user);
            if ($locked->version !== $version || $locked->removed_at !== null) {
                throw RequestRefused::stale("The account of {$user->name}");
            }
            $change($locked);
            $locked->version++;
            $locked->save();

            return $locked;
        });
    }
}
