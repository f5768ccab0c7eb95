<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Across\ComparedKeymaps;
use App\Intent\PersonalVocabulary;
use App\Keymap\KitETag;
use App\Keymap\KitReader;
use App\Library\ConditionalGet;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Across\Stripes;
use Zebrafinch\Core\Keyboard\Seat;

/** How alike the applications of a kit are, or the contexts of one. */
final readonly class StripesController
{
    public function __construct(
        private PersonalVocabulary $words,
        private ComparedKeymaps $compared,
        private KitReader $kit,
        private Library $library,
        private KitETag $stamps,
        private ConditionalGet $answers,
    ) {
    }

    public function __invoke(StripesRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $stamps = [...$this->stamps->of($user), $this->words->stamp($user), $this->library->keyboards->stamp($seat)];

        return $this->answers->of($request, $stamps, fn (): StripesResource => $this->stripes($request, $user, $seat));
    }

    private function stripes(StripesRequest $request, User $user, Seat $seat): StripesResource
    {
        $vocabulary = $this->words->vocabulary($user);
        $importance = $this->words->importance($user, $vocabulary);
        if ($request->filled('within')) {
            $keymap = $this->kit->of($user, $this->library->application($request->string('within')->toString()))->at($seat);
            $stripes = Stripes::within($keymap, $vocabulary, $importance);

            return new StripesResource([$keymap], $stripes, (new Stripes([$keymap], $vocabulary, $importance))->overall($stripes), $seat);
        }
        $keymaps = $this->compared->of($user, $request->string('applications')->toString(), $seat);
        $all = new Stripes($keymaps, $vocabulary, $importance);
        $stripes = $all->all();

        return new StripesResource($keymaps, $stripes, $all->overall($stripes), $seat);
    }
}
