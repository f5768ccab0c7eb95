<?php

declare(strict_types=1);

namespace App\Policies;

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

    /** Writes key files in the suite, or puts earlier ones back. */
    public function handOver(User $user, Suite $suite): bool
    {
        return $user->role->mayHandOver();
    }

    /** Notes which keyboard stands in the suite. */
    public function update(User $user, Suite $suite): bool
    {
        return $user->role->mayHandOver();
    }

    public function rehearse(User $user, Suite $suite): bool
    {
        return true;
    }
}
