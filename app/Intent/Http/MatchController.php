<?php

declare(strict_types=1);

namespace App\Intent\Http;

use App\Intent\OwnMatch;
use App\Intent\OwnWords;
use App\Intent\PersonalVocabulary;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Application\Application;

/** Which commands do what people want: the shipped matches, what is proposed, and what people say. */
final readonly class MatchController
{
    public function __construct(private PersonalVocabulary $words, private OwnWords $own)
    {
    }

    public function index(#[CurrentUser] User $user, Application $application): MatchesResource
    {
        $own = OwnMatch::query()->where('kit_id', $user->kit->id)->where('application', $application->id)->pluck('command')->all();

        return new MatchesResource(
            $application,
            $this->words->vocabulary($user),
            array_values($own),
            $this->words->proposals($user, $application->id)->for($application),
        );
    }

    public function update(MatchesRequest $request, #[CurrentUser] User $user, Application $application): MatchesResource
    {
        $this->own->match($user, $application->id, $request->matches());

        return $this->index($user, $application);
    }
}
