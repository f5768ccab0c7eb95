<?php

declare(strict_types=1);

namespace App\KeyFile;

use App\Models\User;

final readonly class KeyFilePolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user, KeyFile $keyFile): bool
    {
        return $keyFile->kit->user_id === $user->id;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function update(User $user, KeyFile $keyFile): bool
    {
        return $this->view($user, $keyFile);
    }
}
