<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match\Harmonise;

use Closure;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Usage\Importance;

/** Chooses chords for chosen intents in all chosen applications at once. */
final readonly class Harmoniser
{
    public function __construct(private Vocabulary $vocabulary, private Importance $importance, private ReservedChords $reserved)
    {
    }

    /**
     * @param  non-empty-list<LoadedKeymap>  $keymaps  one for each application, at the first of the seats
     * @param  non-empty-list<Seat>  $seats  every keyboard in use
     */
    public function kit(array $keymaps, array $seats, Scope $scope, Weights $weights, int $mostCandidates = KitInstance::MOST_CANDIDATES): KitInstance
    {
        return KitInstance::of($keymaps, $seats, $this->vocabulary, $this->importance, $scope, $weights, $this->reserved, $mostCandidates);
    }

    /**
     * @param  (Closure(Progress): bool)|null  $goOn  as for {@see Solver::solve()}
     *
     * @throws NothingToHarmonise
     */
    public function harmonise(KitInstance $kit, ?Closure $goOn = null): Harmonised
    {
        if (array_filter($kit->places, static fn (Place $one): bool => $one->left === null) === []) {
            throw NothingToHarmonise::inScope();
        }
        $answer = Solver::solve($kit->instance, $goOn) ?? throw NothingToHarmonise::allowed();

        return self::explained($kit, $answer);
    }

    public static function explained(KitInstance $kit, Answer $answer): Harmonised
    {
        $explanation = new Explanation($kit, $answer->choices);
        $lines = [];
        foreach ($kit->places as $slot => $place) {
            $now = $place->now === null ? null : $kit->candidates->place($place->now->chord);
            if ($place->left === null && $answer->choices[$slot] !== $now) {
                $lines[] = $explanation->line($slot);
            }
        }
        usort($lines, static fn (Line $one, Line $other): int => [$other->place->weight, $one->id()] <=> [$one->place->weight, $other->id()]);

        return new Harmonised($kit, $answer, $lines, array_values(array_filter($kit->places, static fn (Place $one): bool => $one->left !== null)));
    }

    /**
     * Faults that the changes would bring at any of the seats: none, by the way the options are chosen; tests hold thousands of kits to it.
     *
     * @param  non-empty-list<LoadedKeymap>  $keymaps
     * @param  non-empty-list<Seat>  $seats
     * @return list<Clash>
     */
    public function newFaults(Harmonised $harmonised, array $keymaps, array $seats): array
    {
        $docket = Docket::standard($this->reserved);
        $faults = [];
        foreach ($keymaps as $keymap) {
            $change = $harmonised->changes()[$keymap->application->id] ?? Change::none();
            foreach ($change->isEmpty() ? [] : $seats as $seat) {
                $before = new LoadedKeymap($keymap->application, $keymap->bindings(), $seat);
                $after = new LoadedKeymap($keymap->application, $keymap->bindings()->changedBy($change), $seat);
                $old = self::faults($docket->of($before));
                array_push($faults, ...array_values(array_filter(self::faults($docket->of($after)), static fn (Clash $one): bool => ! self::wasThere($one, $old, $before))));
            }
        }

        return $faults;
    }

    /**
     * @param  array<string, Clash>  $clashes
     * @return array<string, Clash>
     */
    private static function faults(array $clashes): array
    {
        return array_filter($clashes, static fn (Clash $one): bool => $one->grade === Grade::Fault);
    }

    /**
     * Whether the fault was there before: nothing of it is new, and its chord had a fault of the kind already, perhaps with more that took part.
     *
     * @param  array<string, Clash>  $old
     */
    private static function wasThere(Clash $fault, array $old, LoadedKeymap $before): bool
    {
        $presses = self::presses($fault, $before->seat);

        return array_filter($fault->bindings, static fn (Binding $one): bool => ! $before->bindings()->has($one)) === []
            && array_filter($old, static fn (Clash $one): bool => $one->kind === $fault->kind && array_intersect(self::presses($one, $before->seat), $presses) !== []) !== [];
    }

    /** @return list<string> */
    private static function presses(Clash $clash, Seat $seat): array
    {
        return array_map(static fn (Binding $one): string => $seat->pressIds($one->chord)[0], $clash->bindings);
    }
}
