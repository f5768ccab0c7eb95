<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Models\ScriptToken;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class NewTokenResource extends JsonAnswer
{
    public function __construct(private readonly ScriptToken $token, private readonly string $secret)
    {
        parent::__construct($token);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['token' => (new TokenResource($this->token))->toArray($request), 'secret' => $this->secret];
    }
}
