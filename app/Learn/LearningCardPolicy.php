<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\User;

final readonly class LearningCardPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function delete(User $user, LearningCard $card): bool
    {
        return $card->user_id === $user->id;
    }
}
