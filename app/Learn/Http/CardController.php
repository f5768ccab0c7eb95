<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\CardExchange;
use App\Learn\CardShelf;
use App\Learn\LearningCard;
use App\Learn\Situations;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Zebrafinch\Core\Keyboard\Seat;

/** What somebody learns: each card with its box and when it is due. */
final readonly class CardController
{
    public function __construct(
        private Situations $situations,
        private CardShelf $shelf,
        private CardExchange $exchange,
        private Library $library,
    ) {
    }

    public function index(#[CurrentUser] User $user, Seat $seat): CardsResource
    {
        return new CardsResource($this->situations->of($user, $seat), $this->shelf->of($user), $this->shelf, $this->library);
    }

    public function store(CardsRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $this->shelf->add($this->situations->of($user, $seat), $request->cards($this->library));

        return $this->index($user, $seat)->withStatus(201);
    }

    public function destroy(#[CurrentUser] User $user, Seat $seat, LearningCard $learningCard): CardsResource
    {
        $this->shelf->remove($learningCard);

        return $this->index($user, $seat);
    }

    public function export(#[CurrentUser] User $user): Response
    {
        return response($this->exchange->write($user), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="learning.json"',
        ]);
    }

    public function import(CardFileRequest $request, #[CurrentUser] User $user, Seat $seat): CardsResource
    {
        $this->exchange->read($user, $request->upload()->getContent());

        return $this->index($user, $seat);
    }
}
