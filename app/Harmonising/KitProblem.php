<?php

declare(strict_types=1);

namespace App\Harmonising;

use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use App\Library\Library;
use App\Models\Harmonisation;
use App\Models\Suite;
use App\Models\User;
use App\Wishes\PersonalWords;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Match\Harmonise\Harmoniser;
use Zebrafinch\Core\Match\Harmonise\KitInstance;
use Zebrafinch\Core\Match\Harmonise\Scope;
use Zebrafinch\Core\Match\Harmonise\Weights;

/** Puts together what a harmonisation works on: the keymaps as they are now, every keyboard in use, and what may be touched. */
final readonly class KitProblem
{
    public function __construct(private Library $library, private KitReader $kit, private PersonalWords $words)
    {
    }

    public function harmoniser(User $user): Harmoniser
    {
        $vocabulary = $this->words->vocabulary($user);

        return new Harmoniser($vocabulary, $this->words->importance($user, $vocabulary), $this->library->reserved());
    }

    /** @return array<string, CurrentKeymap> by application, in the order in which they are listed */
    public function current(Harmonisation $one): array
    {
        $each = $this->kit->each($one->kit->user);
        $ids = array_values(array_intersect($this->library->applicationIds(), $one->request['applications']));

        return array_combine($ids, array_map($each, $ids));
    }

    public function seat(Harmonisation $one): Seat
    {
        return $this->library->seat($one->request['seat']['board'], $one->request['seat']['layout'], System::from($one->request['seat']['system']));
    }

    /** @return non-empty-list<Seat> the one that it was asked at, and those of the rooms */
    public function seats(Harmonisation $one): array
    {
        $rooms = Suite::query()->whereIn('slug', $one->request['rooms'])->orderBy('name')->get()
            ->map(fn (Suite $suite): Seat => $this->library->seat($suite->board, $suite->layout, $suite->system))->all();

        return [$this->seat($one), ...array_values($rooms)];
    }

    /**
     * @param  array<string, CurrentKeymap>  $current
     */
    public function instance(Harmonisation $one, array $current): KitInstance
    {
        $seats = $this->seats($one);
        /** @var non-empty-list<LoadedKeymap> $keymaps */
        $keymaps = array_values(array_map(static fn (CurrentKeymap $keymap): LoadedKeymap => $keymap->at($seats[0]), $current));
        $wanted = $one->request;
        $intents = $wanted['intents'] === [] ? $this->shared($this->words->vocabulary($one->kit->user), array_keys($current)) : $wanted['intents'];
        $scope = new Scope($intents, array_map(Chord::parse(...), $wanted['fixed']), $wanted['untouched'], $wanted['accepted'], $wanted['refused']);

        return $this->harmoniser($one->kit->user)->kit($keymaps, $seats, $scope, Weights::mattering($wanted['weights']));
    }

    /**
     * @param  list<string>  $applications
     * @return list<string> intents that at least two of the applications have
     */
    private function shared(Vocabulary $vocabulary, array $applications): array
    {
        $shared = array_filter($vocabulary->intents(), static fn (Intent $intent): bool => count(array_filter($applications, static fn (string $id): bool => $vocabulary->matchOf($id, $intent->id) !== null)) > 1);

        return array_values(array_map(static fn (Intent $one): string => $one->id, $shared));
    }
}
