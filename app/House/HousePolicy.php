<?php

declare(strict_types=1);

namespace App\House;

use App\Models\User;

/** What is the keeper's alone: the house's name, its people, its journal. */
final readonly class HousePolicy
{
    public function keep(User $user): bool
    {
        return $user->role->keepsSuites();
    }
}
