<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Preset;
use App\Models\User;

final readonly class PresetPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    /** Presets are there to be shared: everybody in the house sees them. */
    public function view(User $user, Preset $preset): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return true;
    }

    /** Only who owns the kit adds releases. */
    public function update(User $user, Preset $preset): bool
    {
        return $preset->kit->user_id === $user->id;
    }
}
