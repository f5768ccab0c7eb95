<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Models\User;

final readonly class SuitePolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Suite $suite): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->role->keepsSuites();
    }

    /** Says what the suite follows, what becomes of files changed by hand there, and which keyboard stands in it. */
    public function keep(User $user, Suite $suite): bool
    {
        return $user->role->keepsSuites();
    }

    /** Brings their own kit for a time; nothing else in the suite is touched by it. */
    public function sitDown(User $user, Suite $suite): bool
    {
        return $user->role->maySitDown();
    }

    /** Whoever sits there leaves; a suite keeper frees the suite. */
    public function leave(User $user, Suite $suite): bool
    {
        return $user->role->keepsSuites() || $suite->sitting?->user_id === $user->id;
    }

    public function rehearse(User $user, Suite $suite): bool
    {
        return true;
    }
}
