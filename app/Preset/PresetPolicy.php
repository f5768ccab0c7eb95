<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\Preset;
use App\Models\User;
use Zebrafinch\Core\Preset\Audience;

final readonly class PresetPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    /** Its owner, those whom it is shared with, and everybody where it is the house's. */
    public function view(User $user, Preset $preset): bool
    {
        return match ($preset->audience) {
            Audience::House => true,
            Audience::People => $this->owns($user, $preset) || $preset->people()->whereKey($user->id)->exists(),
            Audience::Mine => $this->owns($user, $preset),
        };
    }

    public function create(User $user): bool
    {
        return true;
    }

    /** What is the house's is made by the suite keepers, all else by its owner. */
    public function release(User $user, Preset $preset): bool
    {
        return $preset->audience === Audience::House ? $user->role->keepsSuites() : $this->owns($user, $preset);
    }

    /** Whoever makes its releases says who sees them. */
    public function share(User $user, Preset $preset): bool
    {
        return $this->release($user, $preset);
    }

    /** Makes it the house's, or the house standard. */
    public function giveToHouse(User $user, Preset $preset): bool
    {
        return $user->role->keepsSuites() && $this->view($user, $preset);
    }

    private function owns(User $user, Preset $preset): bool
    {
        return $preset->kit_id === $user->kit->id;
    }
}
