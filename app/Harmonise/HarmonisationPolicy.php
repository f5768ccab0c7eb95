<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Models\User;

final readonly class HarmonisationPolicy
{
    public function create(User $user): bool
    {
        return true;
    }

    public function view(User $user, Harmonisation $harmonisation): bool
    {
        return $harmonisation->kit->user_id === $user->id;
    }

    public function update(User $user, Harmonisation $harmonisation): bool
    {
        return $this->view($user, $harmonisation);
    }
}
