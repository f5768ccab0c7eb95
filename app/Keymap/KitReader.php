<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Intent\PersonalVocabulary;
use App\Library\Library;
use App\Library\WorkedOut;
use App\Models\Keymap;
use App\Models\User;
use Closure;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\FileOrder;
use Zebrafinch\Core\Offer\AtKeyboard;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Offer\Offers;

/** Answers what a person's keymaps are now. */
final readonly class KitReader
{
    public function __construct(private Library $library, private PersonalVocabulary $words, private WorkedOut $workedOut)
    {
    }

    /** @return list<CurrentKeymap> one for each application */
    public function all(User $user): array
    {
        return array_map($this->each($user), $this->library->applicationIds());
    }

    /**
     * @return Closure(string): CurrentKeymap of an application, for those who ask for several: all are fetched at once, each is made when
     *     it is asked for
     */
    public function each(User $user): Closure
    {
        $own = $user->kit->allInUse();
        $desktop = $this->desktop($own->get(DesktopCatalogue::ID));
        $made = [];

        return function (string $application) use ($own, $desktop, &$made): CurrentKeymap {
            return $made[$application] ??= $this->current($this->library->application($application), $own->get($application), $desktop);
        };
    }

    public function of(User $user, Application $application): CurrentKeymap
    {
        $desktop = $application->id === DesktopCatalogue::ID ? null : $this->desktop($user->kit->inUse(DesktopCatalogue::ID));

        return $this->current($application, $user->kit->inUse($application->id), $desktop);
    }

    /** A keymap as it would be in use, whether it is or not. */
    public function with(Keymap $keymap): CurrentKeymap
    {
        $application = $this->library->application($keymap->application);
        $desktop = $application->id === DesktopCatalogue::ID ? null : $this->desktop($keymap->kit->inUse(DesktopCatalogue::ID));

        return $this->current($application, $keymap, $desktop);
    }

    private function desktop(?Keymap $own): ?CurrentKeymap
    {
        return $own === null || $own->bindings->all() === []
            ? null
            : $this->current($this->library->application(DesktopCatalogue::ID), $own, null);
    }

    private function current(Application $application, ?Keymap $own, ?CurrentKeymap $desktop): CurrentKeymap
    {
        $bindings =
            $own === null
                ? $this->library->factoryBindings($application)
                : $own->bindings->inOrderOf(fn (): FileOrder => $this->library->fileOrder($application, $own->source));

        return new CurrentKeymap($application, $bindings, $own, $desktop);
    }

    /**
     * Offers for one application, which know what its intents have in the others.
     *
     * @param  array<string, Seat>  $alsoAt  by the name of the suite: where the chords must be reached too
     * @param  (Closure(string): CurrentKeymap)|null  $each  of {@see each()}, for who has asked already
     */
    public function offers(User $user, Application $application, Seat $seat, array $alsoAt = [], ?Closure $each = null): Offers
    {
        if ($application->id === DesktopCatalogue::ID) {
            return new Offers(
                [],
                $alsoAt,
                $this->library->keyboards->reserved(),
                array_combine(
                    $this->library->applicationIds(),
                    array_map(static fn (CurrentKeymap $one): LoadedKeymap => $one->at($seat), $this->all($user)),
                ),
            );
        }
        $vocabulary = $this->words->vocabulary($user);
        $others = array_map($each ?? $this->each($user), array_values(array_diff($this->library->applicationIds(), [$application->id])));

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
        $data = $this->workedOut->json(
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
