<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Models\User;
use App\Person\Invitation;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final class PeopleResource extends JsonAnswer
{
    /**
     * @param  Collection<int, User>  $people
     * @param  Collection<int, Invitation>  $invitations
     */
    public function __construct(private readonly Collection $people, private readonly Collection $invitations)
    {
        parent::__construct($people);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'people' => $this->people->map(static fn (User $one): array => (new PersonRowResource($one))->toArray($request))->all(),
            'invitations' => $this->invitations
                ->map(static fn (Invitation $one): array => (new InvitationResource($one))->toArray($request))
                ->all(),
        ];
    }
}
