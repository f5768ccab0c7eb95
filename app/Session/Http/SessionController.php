<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Account\AccountRefused;
use App\Account\Door;
use App\Account\Passwords;
use App\Account\SecondFactor;
use App\Http\Middleware\EnsureSessionIsValid;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Signing in and out. */
final readonly class SessionController
{
    public function __construct(private Journal $journal, private Door $door)
    {
    }

    public function show(Request $request): SessionResource
    {
        return new SessionResource(EnsureSessionIsValid::isGone($request) ? null : $request->user());
    }

    /** @throws ValidationException|AccountRefused */
    public function store(SignInRequest $request, Passwords $passwords, SecondFactor $factor): SessionResource
    {
        $user = $passwords->proven($request->string('email')->value(), $request->string('password')->value());
        if ($user === null) {
            $this->refuse($request, 'email', 'This address and password do not belong together.');
        }
        if ($user->hasSecondFactor()) {
            if (! $request->filled('code')) {
                throw AccountRefused::codeWanted();
            }
            if (! $factor->isProven($user, $request->string('code')->value())) {
                $this->refuse($request, 'code', 'This code is not good, or was used already.');
            }
        }
        $this->door->open($request, $user);
        $this->journal->note('signed-in', Subject::person($user), by: $user);

        return new SessionResource($user);
    }

    public function destroy(Request $request, #[\Illuminate\Container\Attributes\CurrentUser] User $user): Response
    {
        $this->journal->note('signed-out', Subject::person($user));
        $this->door->close($request);

        return response()->noContent();
    }

    /** Only whose account it was is noted, never what was typed: some type their password where the address belongs. */
    private function refuse(SignInRequest $request, string $field, string $why): never
    {
        $known = User::query()
            ->where('email', $request->string('email')->lower()->value())
            ->first();
        $this->journal->note('sign-in-refused', $known === null ? null : Subject::person($known), ['why' => $field]);
        throw ValidationException::withMessages([$field => $why]);
    }
}
