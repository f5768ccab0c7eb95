<?php

declare(strict_types=1);

namespace App\Person;

use App\Models\User;

/** Accounts: a keeper looks after all, everybody after their own. */
final readonly class UserPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->keepsSuites();
    }

    public function create(User $user): bool
    {
        return $user->role->keepsSuites();
    }

    public function update(User $user, User $person): bool
    {
        return $user->role->keepsSuites();
    }

    /** Their password, sessions, second factor, tokens and data. */
    public function own(User $user): bool
    {
        return true;
    }
}
