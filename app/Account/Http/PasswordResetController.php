<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\GoodPassword;
use App\Account\Passwords;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** A forgotten password. */
final readonly class PasswordResetController
{
    public function __construct(private Passwords $passwords)
    {
    }

    /** Answers alike whether there is such an account or not. */
    public function store(Request $request): Response
    {
        $request->validate([
            'email' => ['required', 'string', 'max:200'],
        ], [
            'email' => 'Write the address of your account.',
        ]);

        $this->passwords->sendReset($request->string('email')->value());

        return response()->noContent();
    }

    /** @throws ValidationException */
    public function update(Request $request): Response
    {
        $request->validate([
            'email' => ['required', 'string', 'max:200'],
            'token' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', new GoodPassword()],
        ], [
            'email' => 'Follow the link as it was sent.',
            'token' => 'Follow the link as it was sent.',
        ]);

        $isDone = $this->passwords->reset(
            $request->string('email')->value(),
            $request->string('token')->value(),
            $request->string('password')->value(),
        );
        if (! $isDone) {
            throw ValidationException::withMessages(['token' => 'This link is not good any more. Ask for a new one.']);
        }

        return response()->noContent();
    }
}
