<?php

declare(strict_types=1);

namespace App\Focus\Http;

use App\Keymap\KitETag;
use App\Keymap\KitReader;
use App\Library\ConditionalGet;
use App\Library\Library;
use App\Library\Memoised;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;

/** All that a page needs to answer every press by itself: the board, its layers, and what each press does in each application. */
final readonly class TableController
{
    public function __construct(
        private KitETag $stamps,
        private KitReader $kit,
        private Library $library,
        private Memoised $memoised,
        private ConditionalGet $answers,
    ) {
    }

    public function __invoke(Request $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $keyboard = $this->library->keyboards->stamp($seat);
        $stamps = $this->stamps->of($user);
        $answer = $this->answers->tagged([$keyboard, ...$stamps]);
        if ($answer->isNotModified($request)) {
            return $answer;
        }
        $table = new TableResource($this->kit->each($user), $stamps, $this->library->keyboards->reserved(), $seat, $keyboard);

        return $answer->setJson($table->json($this->memoised));
    }
}
