<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Models\User;

/** Who did what in a suite, when and why. */
final readonly class Story
{
    public function tell(Suite $suite, ?User $user, string $kind, string $what, ?string $why = null): void
    {
        $suite->events()->create(['user_id' => $user?->id, 'kind' => $kind, 'what' => $what, 'why' => $why, 'at' => now()]);
    }
}
