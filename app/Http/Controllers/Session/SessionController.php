<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use App\Http\Requests\Session\SignInRequest;
use App\Http\Resources\Session\SessionResource;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

/** Signing in and out. */
final readonly class SessionController
{
    public function show(Request $request): SessionResource
    {
        return new SessionResource($request->user());
    }

    /** @throws ValidationException */
    public function store(SignInRequest $request): SessionResource
    {
        if (! Auth::attempt($request->validated())) {
            throw ValidationException::withMessages(['email' => 'This address and password do not belong together.']);
        }
        $request->session()->regenerate();

        return new SessionResource($request->user());
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
