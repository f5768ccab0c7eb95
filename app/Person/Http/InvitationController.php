<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Models\User;
use App\Person\Invitation;
use App\Person\Invitations;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Zebrafinch\Core\Suite\Role;

/** Inviting somebody, and taking that back. */
final readonly class InvitationController
{
    public function __construct(private Invitations $invitations)
    {
    }

    public function store(InvitationRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        [$invitation, $link] = $this->invitations->invite(
            $user,
            $request->string('email')->value(),
            $request->string('name')->value(),
            Role::from($request->string('role')->value()),
        );

        return (new InvitationResource($invitation, $link))->withStatus(201);
    }

    public function destroy(Invitation $invitation): Response
    {
        $this->invitations->withdraw($invitation);

        return response()->noContent();
    }
}
