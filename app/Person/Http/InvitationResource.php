<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Person\Invitation;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class InvitationResource extends JsonAnswer
{
    /** @param  string|null  $link  only when it was just made */
    public function __construct(private readonly Invitation $invitation, private readonly ?string $link = null)
    {
        parent::__construct($invitation);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->invitation->id,
            'email' => $this->invitation->email,
            'name' => $this->invitation->name,
            'role' => $this->invitation->role->value,
            'expires_at' => $this->invitation->expires_at->toIso8601String(),
            'is_over' => $this->invitation->expires_at->isPast(),
            'link' => $this->link,
        ];
    }
}
