<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\OwnPassword;
use App\Account\SecondFactor;
use App\Account\TimeCodes;
use App\Models\House;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Time codes beside the password: begun, confirmed with a first code, ended. */
final readonly class SecondFactorController
{
    public function __construct(private SecondFactor $factor, private OwnPassword $proof)
    {
    }

    public function begin(ProvenRequest $request, #[CurrentUser] User $user): JsonAnswer
    {
        abort_if($user->hasSecondFactor(), 409);
        $this->proof->require($user, $request->string('password')->value());
        $secret = $this->factor->begin($user);

        return new JsonAnswer(['secret' => $secret, 'address' => TimeCodes::address($secret, House::current()->name, $user->email)]);
    }

    /** @throws ValidationException */
    public function confirm(Request $request, #[CurrentUser] User $user): JsonAnswer
    {
        $request->validate([
            'code' => ['required', 'string', 'max:20'],
        ], [
            'code' => 'Write the six digits that your device shows.',
        ]);

        abort_if($user->hasSecondFactor(), 409);
        $codes = $this->factor->confirm($user, $request->string('code')->value());
        if ($codes === null) {
            throw ValidationException::withMessages(['code' => 'This is not the code that your device shows now.']);
        }

        return new JsonAnswer(['codes' => $codes]);
    }

    public function destroy(ProvenRequest $request, #[CurrentUser] User $user): Response
    {
        $this->proof->require($user, $request->string('password')->value());
        $this->factor->end($user);

        return response()->noContent();
    }
}
