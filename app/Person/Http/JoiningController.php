<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Account\Door;
use App\Account\GoodPassword;
use App\Models\House;
use App\Person\Invitations;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Somebody follows the link of an invitation. */
final readonly class JoiningController
{
    public function __construct(private Invitations $invitations)
    {
    }

    public function show(Request $request): JsonAnswer
    {
        $request->validate([
            'token' => ['required', 'string', 'max:100'],
        ], [
            'token' => 'Follow the link of the invitation as it was sent.',
        ]);

        $invitation = $this->invitations->opened($request->string('token')->value());

        return new JsonAnswer([
            'house' => House::current()->name,
            'name' => $invitation->name,
            'email' => $invitation->email,
            'role' => $invitation->role->value,
        ]);
    }

    public function store(Request $request, Door $door): Response
    {
        $request->validate([
            'token' => ['required', 'string', 'max:100'],
            'name' => ['required', 'string', 'max:80'],
            'password' => ['required', 'string', new GoodPassword()],
        ], [
            'token' => 'Follow the link of the invitation as it was sent.',
            'name' => 'Write your name, up to 80 characters.',
        ]);

        $user = $this->invitations->accept(
            $request->string('token')->value(),
            $request->string('name')->value(),
            $request->string('password')->value(),
        );
        $door->open($request, $user);

        return response()->noContent();
    }
}
