<?php

declare(strict_types=1);

namespace App\Find\Http;

use App\Intent\PersonalVocabulary;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Keyboard\Seat;

/** Commands by words, over all applications at once; words that spell a chord are read as one. */
final readonly class FindController
{
    private const MOST_ANSWERS = 30;

    public function __construct(private Library $library, private KitReader $kit, private PersonalVocabulary $personal)
    {
    }

    public function __invoke(FindRequest $request, #[CurrentUser] User $user, Seat $seat): AnswersResource
    {
        $words = $request->string('words')->toString();
        $keymapOf = $this->kit->each($user);
        $narrows = $request->narrows();
        $vocabulary = $this->personal->vocabulary($user);
        $found = $this->personal
            ->searchBy($vocabulary)
            ->find($words, self::MOST_ANSWERS, fn (array $entry): bool => ! $narrows || $request->wants($entry, $keymapOf, $this->library));

        return new AnswersResource($words, $found, $request->asksForTitles(), $keymapOf, $vocabulary, $this->library, $seat);
    }
}
