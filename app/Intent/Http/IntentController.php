<?php

declare(strict_types=1);

namespace App\Intent\Http;

use App\Intent\OwnIntent;
use App\Intent\OwnWords;
use App\Intent\PersonalVocabulary;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What people want done: the shipped intents and those that people add. */
final readonly class IntentController
{
    public function __construct(private PersonalVocabulary $words, private OwnWords $own)
    {
    }

    public function index(#[CurrentUser] User $user): IntentsResource
    {
        return new IntentsResource($this->words->vocabulary($user)->intents(), OwnIntent::query()->where('kit_id', $user->kit->id)->get());
    }

    public function store(OwnIntentRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $this->own->add($user, $request->intent());

        return $this->index($user)->withStatus(201);
    }

    public function destroy(#[CurrentUser] User $user, OwnIntent $ownIntent): IntentsResource
    {
        $this->own->remove($user, $ownIntent);

        return $this->index($user);
    }
}
