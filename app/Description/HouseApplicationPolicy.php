<?php

declare(strict_types=1);

namespace App\Description;

use App\Models\User;

/** Whoever works with a kit of their own may bring an application; a keeper confirms it for the house. */
final readonly class HouseApplicationPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, HouseApplication $houseApplication): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->role->maySitDown();
    }

    /** Until it is in use it belongs to whoever brought it, then to the keepers. */
    public function change(User $user, HouseApplication $houseApplication): bool
    {
        $isOwn = $houseApplication->user_id === $user->id && $houseApplication->state !== ApplicationState::InUse;

        return $user->role->keepsSuites() || ($isOwn && $user->role->maySitDown());
    }

    public function confirm(User $user, HouseApplication $houseApplication): bool
    {
        return $user->role->keepsSuites();
    }
}
