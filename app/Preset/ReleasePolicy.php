<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\Release;
use App\Models\User;

final readonly class ReleasePolicy
{
    public function __construct(private PresetPolicy $presets)
    {
    }

    /** Whoever sees the preset sees its releases. */
    public function view(User $user, Release $release): bool
    {
        return $this->presets->view($user, $release->preset);
    }
}
