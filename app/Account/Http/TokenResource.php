<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Models\ScriptToken;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class TokenResource extends JsonAnswer
{
    public function __construct(private readonly ScriptToken $token)
    {
        parent::__construct($token);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => (int) $this->token->getKey(),
            'name' => $this->token->name,
            'abilities' => $this->token->abilities,
            'last_used_at' => $this->token->last_used_at?->toIso8601String(),
            'expires_at' => $this->token->expires_at?->toIso8601String(),
            'is_over' => $this->token->expires_at?->isPast() ?? false,
        ];
    }
}
