<?php

declare(strict_types=1);

namespace App\Models;

/** Everybody lists and makes rows of their own; only their owner reads, changes or deletes one. */
final readonly class OwnerPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    public function view(User $user, Owned $row): bool
    {
        return $row->ownerId() === $user->id;
    }

    public function update(User $user, Owned $row): bool
    {
        return $this->view($user, $row);
    }

    public function delete(User $user, Owned $row): bool
    {
        return $this->view($user, $row);
    }
}
