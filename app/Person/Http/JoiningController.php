<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Account\Door;
use App\Person\Invitations;
use Illuminate\Http\Response;

/** Somebody follows the link of an invitation. */
final readonly class JoiningController
{
    public function __construct(private Invitations $invitations)
    {
    }

    public function show(OpenInvitationRequest $request): OpenedInvitationResource
    {
        return new OpenedInvitationResource($this->invitations->opened($request->string('token')->value()));
    }

    public function store(JoinRequest $request, Door $door): Response
    {
        $user = $this->invitations->accept(
            $request->string('token')->value(),
            $request->string('name')->value(),
            $request->string('password')->value(),
        );
        $door->open($request, $user);

        return response()->noContent();
    }
}
