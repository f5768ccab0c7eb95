<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Models\User;
use App\Person\Invitation;
use App\Person\Invitations;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Suite\Role;

/** Inviting somebody, and taking that back. */
final readonly class InvitationController
{
    public function __construct(private Invitations $invitations)
    {
    }

    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $request->validate([
            'email' => ['required', 'string', 'email', 'max:200'],
            'name' => ['required', 'string', 'max:80'],
            'role' => ['required', Rule::enum(Role::class)],
        ], [
            'email' => 'Write an address, as in editor@house.example.',
            'name' => 'Write a name of up to 80 characters.',
            'role' => 'Choose a role: assistant, editor or suite-keeper.',
        ]);

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
