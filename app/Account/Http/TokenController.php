<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\OwnPassword;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\ScriptToken;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Tokens with which scripts ask in somebody's name. */
final readonly class TokenController
{
    public function __construct(private Journal $journal)
    {
    }

    public function store(TokenRequest $request, #[CurrentUser] User $user, OwnPassword $proof): JsonResponse
    {
        $proof->require($user, $request->string('password')->value());
        $name = $request->string('name')->value();
        [$token, $secret] = DB::transaction(function () use ($request, $user, $name): array {
            $made = $user->createToken($name, $request->abilities(), now()->addDays($request->integer('days')));
            $token = ScriptToken::query()->where('id', $made->accessToken->getKey())->firstOrFail();
            $this->journal->note('token-made', Subject::token($token->id, $name), [
                'abilities' => $request->abilities(),
                'days' => $request->integer('days'),
            ]);

            return [$token, $made->plainTextToken];
        });

        return (new JsonAnswer(['token' => new TokenResource($token), 'secret' => $secret]))->withStatus(201);
    }

    public function destroy(#[CurrentUser] User $user, int $token): Response
    {
        DB::transaction(function () use ($user, $token): void {
            $found = $user->scriptTokens()->findOrFail($token);
            $found->delete();
            $this->journal->note('token-withdrawn', Subject::token($token, $found->name));
        });

        return response()->noContent();
    }
}
