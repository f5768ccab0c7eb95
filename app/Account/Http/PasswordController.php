<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\GoodPassword;
use App\Account\OwnPassword;
use App\Account\Passwords;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A new password for somebody who is signed in; their other sessions end with it. */
final readonly class PasswordController
{
    public function update(Request $request, #[CurrentUser] User $user, Passwords $passwords, OwnPassword $proof): Response
    {
        $request->validate([
            'current' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', new GoodPassword()],
        ], [
            'current' => 'Write the password that you have now.',
        ]);

        $proof->require($user, $request->string('current')->value(), 'current');
        $passwords->change($user, $request->string('password')->value(), $request->session()->getId());

        return response()->noContent();
    }
}
