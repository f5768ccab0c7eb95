<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\Passwords;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** A forgotten password. */
final readonly class PasswordResetController
{
    public function __construct(private Passwords $passwords)
    {
    }

    /** Answers alike whether there is such an account or not. */
    public function store(PasswordResetRequest $request): Response
    {
        $this->passwords->sendReset($request->string('email')->value());

        return response()->noContent();
    }

    /** @throws ValidationException */
    public function update(NewPasswordRequest $request): Response
    {
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
