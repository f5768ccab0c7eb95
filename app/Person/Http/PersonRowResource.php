<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** An account, as the keeper sees it. */
final class PersonRowResource extends JsonAnswer
{
    public function __construct(private readonly User $user)
    {
        parent::__construct($user);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->user->id,
            'name' => $this->user->name,
            'email' => $this->user->email,
            'role' => $this->user->role->value,
            'is_disabled' => $this->user->disabled_at !== null,
            'has_second_factor' => $this->user->hasSecondFactor(),
            'version' => $this->user->version,
        ];
    }
}
