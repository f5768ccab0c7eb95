<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Account\Door;
use App\Account\OwnPassword;
use App\Account\Sessions;
use App\Http\Requests\Account\AccountRequest;
use App\Http\Requests\Account\ProvenRequest;
use App\Http\Resources\Account\AccountResource;
use App\Models\User;
use App\Person\People;
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

    public function update(AccountRequest $request, #[CurrentUser] User $user): AccountResource
    {
        $user->update(['name' => $request->validated('name')]);

        return $this->show($request, $user);
    }

    /** Their data is taken out for good. */
    public function destroy(ProvenRequest $request, #[CurrentUser] User $user, People $people, OwnPassword $proof, Door $door): Response
    {
        $proof->require($user, $request->string('password')->value());
        $people->remove($user);
        $door->close($request);

        return response()->noContent();
    }
}
