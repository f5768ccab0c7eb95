<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final readonly class SessionController
{
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(['person' => $request->user() === null ? null : $this->person($request->user())]);
    }

    /** @throws ValidationException */
    public function store(SignInRequest $request): JsonResponse
    {
        if (! Auth::attempt($request->validated())) {
            throw ValidationException::withMessages(['email' => 'This address and password do not belong together.']);
        }
        $request->session()->regenerate();

        return new JsonResponse(['person' => $this->person($request->user())]);
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    /** @return array{id: int, name: string, role: string, may_hand_over: bool} */
    private function person(User $user): array
    {
        return ['id' => $user->id, 'name' => $user->name, 'role' => $user->role->value, 'may_hand_over' => $user->role->mayHandOver()];
    }
}
