<?php

declare(strict_types=1);

namespace App\SecondScreen\Http;

use App\Models\Suite;
use App\Models\User;
use App\Resources\JsonAnswer;
use App\SecondScreen\Look;
use Illuminate\Container\Attributes\CurrentUser;

/** What a second screen follows: the first window of its person, or the workstation of a suite. */
final readonly class LookController
{
    public function show(#[CurrentUser] User $user): JsonAnswer
    {
        $look = Look::query()->find($user->id);

        return new JsonAnswer(['application' => $look?->application, 'context' => $look?->context, 'kit' => $this->kitStamp($user)]);
    }

    public function ofSuite(#[CurrentUser] User $user, Suite $suite): JsonAnswer
    {
        return new JsonAnswer(
            [
                'application' => $suite->focus['application'] ?? null,
                'context' => $suite->focus['context'] ?? null,
                'kit' => $this->kitStamp($user),
            ],
        );
    }

    public function update(LookRequest $request, #[CurrentUser] User $user): JsonAnswer
    {
        $look = Look::query()->updateOrCreate(['user_id' => $user->id], $request->validated());

        return new JsonAnswer(['application' => $look->application, 'context' => $look->context, 'kit' => $this->kitStamp($user)]);
    }

    /** Another one as soon as a keymap of the person has changed, so that the second screen asks for the new names. */
    private function kitStamp(User $user): string
    {
        return (string) $user->kit->keymaps()->max('updated_at');
    }
}
