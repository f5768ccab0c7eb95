<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\User;

final readonly class StoredDrillPolicy
{
    public function view(User $user, StoredDrill $drill): bool
    {
        return $drill->user_id === $user->id;
    }
}
