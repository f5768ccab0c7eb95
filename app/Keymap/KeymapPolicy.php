<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Models\Keymap;
use App\Models\User;

final readonly class KeymapPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, Keymap $keymap): bool
    {
        return $keymap->kit->user_id === $user->id;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function update(User $user, Keymap $keymap): bool
    {
        return $this->view($user, $keymap);
    }
}
