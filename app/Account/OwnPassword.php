<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** Asked again before something that cannot be taken back, for a page may stand open. */
final readonly class OwnPassword
{
    /** @throws ValidationException */
    public function require(User $user, string $password, string $field = 'password'): void
    {
        if (! Hash::check($password, $user->password)) {
            throw ValidationException::withMessages([$field => 'This is not your password.']);
        }
    }
}
