<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Sitting;
use App\Models\User;

final readonly class SittingPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Sitting $sitting): bool
    {
        return $sitting->user_id === $user->id;
    }
}
