<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Release;
use App\Models\User;

final readonly class ReleasePolicy
{
    /** Presets are there to be shared: everybody in the house sees their releases. */
    public function view(User $user, Release $release): bool
    {
        return true;
    }
}
