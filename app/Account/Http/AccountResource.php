<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Models\ScriptToken;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class AccountResource extends JsonAnswer
{
    /** @param  list<array{id: string, address: string|null, browser: string, last_seen: int, is_this: bool}>  $sessions */
    public function __construct(private readonly User $user, private readonly array $sessions)
    {
        parent::__construct($user);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'name' => $this->user->name,
            'email' => $this->user->email,
            'role' => $this->user->role->value,
            'password_changed_at' => $this->user->password_changed_at?->toIso8601String(),
            'second_factor_since' => $this->user->hasSecondFactor() ? $this->user->second_factor_at?->toIso8601String() : null,
            'recovery_codes_left' => count($this->user->recovery_codes),
            'sessions' => array_map(
                static fn (array $one): array => ['last_seen' => gmdate('c', $one['last_seen'])] + $one,
                $this->sessions,
            ),
            'tokens' => $this->user
                ->scriptTokens()
                ->orderByDesc('id')
                ->get()
                ->map(static fn (ScriptToken $one): array => (new TokenResource($one))->toArray($request))
                ->all(),
        ];
    }
}
