<?php

declare(strict_types=1);

namespace App\Focus\Http;

use App\Keymap\KitReader;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Keyboard\Seat;

/** Who gets a chord, in each context of each application. */
final readonly class WhoController
{
    public function __invoke(ChordRequest $request, #[CurrentUser] User $user, Seat $seat, KitReader $kit): WhoResource
    {
        return new WhoResource($request->chord($seat), $kit->all($user), $seat);
    }
}
