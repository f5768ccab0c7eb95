<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\User;

final readonly class RolloutPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    /** Everybody may; what somebody else than a suite keeper begins is a proposal until a keeper lets it go on. */
    public function create(User $user): bool
    {
        return true;
    }

    public function keep(User $user, Rollout $rollout): bool
    {
        return $user->role->keepsSuites();
    }
}
