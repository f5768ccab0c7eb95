<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Models\House;
use App\Person\Invitation;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class OpenedInvitationResource extends JsonAnswer
{
    public function __construct(private readonly Invitation $invitation)
    {
        parent::__construct($invitation);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'house' => House::current()->name,
            'name' => $this->invitation->name,
            'email' => $this->invitation->email,
            'role' => $this->invitation->role->value,
        ];
    }
}
