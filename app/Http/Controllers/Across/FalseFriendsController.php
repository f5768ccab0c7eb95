<?php

declare(strict_types=1);

namespace App\Http\Controllers\Across;

use App\Across\ComparedKeymaps;
use App\Http\Resources\Across\FalseFriendsResource;
use App\Intent\PersonalVocabulary;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Keyboard\Seat;

/** Which chords mislead somebody who knows them from another application of the kit. */
final readonly class FalseFriendsController
{
    public function __invoke(
        Request $request,
        #[CurrentUser] User $user,
        Seat $seat,
        PersonalVocabulary $words,
        ComparedKeymaps $compared,
    ): FalseFriendsResource {
        $vocabulary = $words->vocabulary($user);
        $keymaps = $compared->of($user, $request->string('applications')->toString(), $seat);

        return new FalseFriendsResource(
            (new FalseFriends($keymaps, $vocabulary, $words->importance($user, $vocabulary)))->all(),
            $vocabulary,
            $seat,
        );
    }
}
