<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\Door;
use App\Account\OwnPassword;
use App\Account\Removal;
use App\Account\Sessions;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Somebody's own account. */
final readonly class AccountController
{
    public function __construct(private Sessions $sessions)
    {
    }

    public function show(Request $request, #[CurrentUser] User $user): AccountResource
    {
        return new AccountResource($user, $this->sessions->of($user, $request->session()->getId()));
    }

    public function update(Request $request, #[CurrentUser] User $user): AccountResource
    {
        $validated = $request->validate([
            'name' => ['required', 'string', 'max:80'],
        ], [
            'name' => 'Write your name, up to 80 characters.',
        ]);

        $user->update(['name' => $validated['name']]);

        return $this->show($request, $user);
    }

    /** Their data is taken out for good. */
    public function destroy(ProvenRequest $request, #[CurrentUser] User $user, Removal $removal, OwnPassword $proof, Door $door): Response
    {
        $proof->require($user, $request->string('password')->value());
        $removal->remove($user);
        $door->close($request);

        return response()->noContent();
    }
}
