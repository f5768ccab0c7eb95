<?php

declare(strict_types=1);

namespace App\Offer;

use App\Intent\PersonalVocabulary;
use App\Keymap\CurrentKeymap;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Library\Memoised;
use App\Models\User;
use Closure;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Offer\AtKeyboard;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Offer\Offers;

/** Offers of chords for one application of a kit, which know the chords that the same intents have in its other applications. */
final readonly class KitOffers
{
    public function __construct(
        private KitReader $kit,
        private Library $library,
        private PersonalVocabulary $words,
        private Memoised $memoised,
    ) {
    }

    /**
     * @param  array<string, Seat>  $alsoAt  by the name of the suite: where the chords must be reached too
     * @param  (Closure(string): CurrentKeymap)|null  $each  of {@see KitReader::each()}, where the caller has it already
     */
    public function of(User $user, Application $application, Seat $seat, array $alsoAt = [], ?Closure $each = null): Offers
    {
        if ($application->id === DesktopCatalogue::ID) {
            return new Offers(
                [],
                $alsoAt,
                $this->library->keyboards->reserved(),
                array_combine(
                    $this->library->applicationIds(),
                    array_map(static fn (CurrentKeymap $one): LoadedKeymap => $one->at($seat), $this->kit->all($user)),
                ),
            );
        }
        $vocabulary = $this->words->vocabulary($user);
        $others = array_map(
            $each ?? $this->kit->each($user),
            array_values(array_diff($this->library->applicationIds(), [$application->id])),
        );

        return new Offers(
            static function (string $command) use ($application, $others, $vocabulary): array {
                $match = $vocabulary->matchFor($application->id, $command);

                return $match === null ? [] : self::firstChords($others, $match->intent, $vocabulary);
            },
            $alsoAt,
            $this->library->keyboards->reserved(),
            // What must work at other keyboards too is asked for seldom.
            atKeyboard: $alsoAt === [] ? $this->atKeyboard(...) : null,
        );
    }

    /** What may be a chord of an application at a keyboard is the same for everybody, and known from before. */
    private function atKeyboard(Application $application, Seat $seat, ChordRules $rules): AtKeyboard
    {
        $made = null;
        $data = $this->memoised->json(
            'candidate-chords',
            "{$this->library->stamp($application->id)} {$this->library->keyboards->stamp($seat)}",
            static function () use ($application, $seat, $rules, &$made): array {
                $made = AtKeyboard::of($application, $seat, $rules);

                return $made->toData();
            },
        );

        return $made ?? AtKeyboard::fromData($application, $seat, $rules, json_decode($data, true, 8, JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<CurrentKeymap>  $keymaps
     * @return list<Chord>
     */
    private static function firstChords(array $keymaps, string $intent, Vocabulary $vocabulary): array
    {
        $chords = [];
        foreach ($keymaps as $keymap) {
            $match = $vocabulary->matchOf($keymap->application->id, $intent);
            $bindings = $match === null ? [] : $keymap->bindings->ofCommand($match->command);
            if ($bindings !== []) {
                $chords[] = $bindings[0]->chord;
            }
        }

        return $chords;
    }
}
