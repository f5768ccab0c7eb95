<?php

declare(strict_types=1);

namespace App\Usage;

use App\Models\User;

final readonly class UsageSourcePolicy
{
    public function delete(User $user, UsageSource $source): bool
    {
        return $source->kit->user_id === $user->id;
    }
}
