<?php

declare(strict_types=1);

namespace App\Http\Controllers\Focus;

use App\Http\Resources\Focus\TableResource;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Keyboard\Seat;

/** All that a page needs to answer every press by itself: the board, its layers, and what each press does in each application. */
final readonly class TableController
{
    public function __invoke(#[CurrentUser] User $user, Seat $seat, KitReader $kit, Library $library): TableResource
    {
        return new TableResource($kit->all($user), $library->keyboards->reserved(), $seat);
    }
}
