<?php

declare(strict_types=1);

namespace App\Intent;

use App\Models\User;

final readonly class OwnIntentPolicy
{
    public function create(User $user): bool
    {
        return true;
    }

    public function delete(User $user, OwnIntent $intent): bool
    {
        return $intent->kit_id === $user->kit->id;
    }
}
