<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Intent\PersonalVocabulary;
use App\Keymap\CurrentKeymap;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use App\Suite\SuiteSeats;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Harmoniser;
use Zebrafinch\Core\Harmonise\KitInstance;
use Zebrafinch\Core\Harmonise\Scope;
use Zebrafinch\Core\Harmonise\Weights;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;

/** Puts together what a harmonisation works on: the keymaps as they are now, every keyboard in use, and what may be touched. */
final readonly class KitProblem
{
    public function __construct(
        private Library $library,
        private KitReader $kit,
        private PersonalVocabulary $words,
        private SuiteSeats $seats,
    ) {
    }

    public function harmoniser(User $user): Harmoniser
    {
        $vocabulary = $this->words->vocabulary($user);

        return new Harmoniser($vocabulary, $this->words->importance($user, $vocabulary), $this->library->keyboards->reserved());
    }

    /** @return array<string, CurrentKeymap> by application, in the order in which they are listed */
    public function current(Harmonisation $harmonisation): array
    {
        $each = $this->kit->each($harmonisation->kit->user);
        $ids = array_values(array_intersect($this->library->applicationIds(), $harmonisation->request['applications']));

        return array_combine($ids, array_map($each, $ids));
    }

    /** The keyboard at which it was asked for. */
    public function seat(Harmonisation $harmonisation): Seat
    {
        $seat = $harmonisation->request['seat'];

        return $this->library->keyboards->seat($seat['board'], $seat['layout'], System::from($seat['system']));
    }

    /** @param  array<string, CurrentKeymap>  $current */
    public function instance(Harmonisation $harmonisation, array $current): KitInstance
    {
        $wanted = $harmonisation->request;
        $user = $harmonisation->kit->user;
        $seats = [$this->seat($harmonisation), ...array_values($this->seats->named($wanted['suites']))];
        /** @var non-empty-list<LoadedKeymap> $keymaps */
        $keymaps = array_values(array_map(static fn (CurrentKeymap $keymap): LoadedKeymap => $keymap->at($seats[0]), $current));
        $scope = new Scope(
            $wanted['intents'] === [] ? $this->words->vocabulary($user)->sharedBy(array_keys($current)) : $wanted['intents'],
            array_map(Chord::parse(...), $wanted['fixed']),
            $wanted['untouched'],
            $wanted['accepted'],
            $wanted['refused'],
        );

        return $this->harmoniser($user)->kit($keymaps, $seats, $scope, Weights::mattering($wanted['weights']));
    }
}
