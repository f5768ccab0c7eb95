<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Across\ComparedKeymaps;
use App\Intent\PersonalVocabulary;
use App\Keymap\KitETag;
use App\Library\ConditionalGet;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Keyboard\Seat;

/** Which chords mislead somebody who knows them from another application of the kit. */
final readonly class FalseFriendsController
{
    public function __construct(
        private PersonalVocabulary $words,
        private ComparedKeymaps $compared,
        private Library $library,
        private KitETag $stamps,
        private ConditionalGet $answers,
    ) {
    }

    public function __invoke(Request $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $stamps = [...$this->stamps->of($user), $this->words->stamp($user), $this->library->keyboards->stamp($seat)];

        return $this->answers->of($request, $stamps, fn (): FalseFriendsResource => $this->chords($request, $user, $seat));
    }

    private function chords(Request $request, User $user, Seat $seat): FalseFriendsResource
    {
        $vocabulary = $this->words->vocabulary($user);
        $from = self::named($request, 'from');
        $to = self::named($request, 'to');
        $both = $from === null || $to === null ? '' : implode(',', [...$from, ...$to]);
        $keymaps = $this->compared->of($user, $both, $seat);

        return new FalseFriendsResource(
            (new FalseFriends($keymaps, $vocabulary, $this->words->importance($user, $vocabulary), $from, $to))->byChord(),
            $vocabulary,
            $seat,
        );
    }

    /** @return list<string>|null ids of applications; null for all */
    private static function named(Request $request, string $which): ?array
    {
        $names = array_values(array_filter(explode(',', $request->string($which)->toString())));

        return $names === [] ? null : $names;
    }
}
