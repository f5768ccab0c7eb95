<?php

declare(strict_types=1);

namespace App\Rehearse;

use App\Models\Rehearsal;
use App\Models\User;

final readonly class RehearsalPolicy
{
    public function view(User $user, Rehearsal $rehearsal): bool
    {
        return $rehearsal->user_id === $user->id;
    }
}
