<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;

/** Everything by which somebody could still come in, ended at once. */
final readonly class SignedOut
{
    public function __construct(private Sessions $sessions)
    {
    }

    public function everywhere(User $user): void
    {
        $this->sessions->endAll($user);
        $user->tokens()->delete();
    }
}
