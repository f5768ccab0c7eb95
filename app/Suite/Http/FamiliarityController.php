<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Models\User;
use App\Suite\FamiliarSuite;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Keyboard\Seat;

/** How much of what somebody's hands know does the same in a suite, as it is installed there now. */
final readonly class FamiliarityController
{
    public function __invoke(#[CurrentUser] User $user, Suite $suite, Seat $seat, FamiliarSuite $familiar): FamiliarityResource
    {
        return new FamiliarityResource($familiar->to($user, $suite, $seat), $suite, $seat);
    }
}
