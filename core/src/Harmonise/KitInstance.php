<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Solve\Instance;
use Zebrafinch\Core\Harmonise\Solve\Slot;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Usage\Importance;

/**
 * A kit as a harmonising problem. A slot is the first chord of a command that fulfils a chosen intent; everything else that is bound
 * stands in the way ({@see Obstacles}). What a slot displaces costs as often as there are slots that displace it.
 */
final readonly class KitInstance
{
    /** Chords that are tried besides those that the kit has today. */
    public const MOST_CANDIDATES = 200;

    /**
     * @param  list<Target>  $targets  by slot
     * @param  list<SlotOptions>  $options  by slot
     */
    private function __construct(
        public Instance $instance,
        public array $targets,
        public Candidates $candidates,
        public array $options,
        public Weights $weights,
    ) {
    }

    /**
     * @param  non-empty-list<LoadedKeymap>  $keymaps  one for each application, at the first of the seats
     * @param  non-empty-list<Seat>  $seats  every keyboard in use
     */
    public static function of(
        array $keymaps,
        array $seats,
        Vocabulary $vocabulary,
        Importance $importance,
        Scope $scope,
        Weights $weights,
        ReservedChords $reserved,
        int $mostCandidates = self::MOST_CANDIDATES,
    ): self {
        $targets = Targets::of($keymaps, $vocabulary, $importance, $scope);
        $today = array_merge(
            ...array_map(static fn (Target $one): array => $one->now === null ? [] : [$one->now, ...$one->further], $targets),
        );
        $candidates = new Candidates(
            $seats,
            [...array_map(static fn (Chord $one): Binding => new Binding($one, '', ''), array_values($scope->fixed)), ...$today],
            $mostCandidates,
        );
        $obstacles = self::obstacles($targets, $keymaps, $seats, BuiltInKinds::docket($reserved), $scope);
        $rules = [];
        $slots = [];
        $found = [];
        $numbers = array_flip(array_values(array_unique(array_map(static fn (Target $one): string => $one->intent->id, $targets))));
        $applications = array_map(static fn (LoadedKeymap $one): string => $one->application->id, $keymaps);
        foreach ($targets as $target) {
            $options = (new OptionFinder(
                $target,
                $candidates,
                $obstacles[$target->keymap->application->id],
                ($rules[$target->keymap->application->id] ??= new ChordRules($target->keymap->application, $seats, $reserved)),
                $scope,
                $weights,
                $importance,
            ))->find();
            $found[] = $options;
            $slots[] = new Slot(
                $numbers[$target->intent->id],
                (int) array_search($target->keymap->application->id, $applications, true),
                $options->unbound,
                $options->costs(),
            );
        }
        $uses = array_map(static fn (Target $one): float => $one->weight, $targets);
        sort($uses);
        $instance = new Instance(
            array_map(static fn (LoadedKeymap $one): string => $one->application->name, $keymaps),
            array_map(static fn (Chord $one): string => $one->id(), $candidates->chords),
            array_map(
                static fn (string $id): array => [
                    'id' => $id,
                    'second_chord' => $weights->alike *
                        array_sum(array_map(static fn (Target $one): float => $one->intent->id === $id ? $one->weight : 0.0, $targets)),
                ],
                array_keys($numbers),
            ),
            $slots,
            self::groups($targets),
            $weights->clear * ($uses[intdiv(count($uses), 2)] ?? 0.0),
        );

        return new self($instance, $targets, $candidates, $found, $weights);
    }

    /**
     * @param  list<Target>  $targets
     * @param  list<LoadedKeymap>  $keymaps
     * @param  non-empty-list<Seat>  $seats
     * @return array<string, Obstacles> by application
     */
    private static function obstacles(array $targets, array $keymaps, array $seats, Docket $docket, Scope $scope): array
    {
        $obstacles = [];
        foreach ($keymaps as $keymap) {
            $id = $keymap->application->id;
            $moving = [];
            $standing = array_fill_keys(
                array_column(array_filter($scope->untouched, static fn (array $one): bool => $one['application'] === $id), 'command'),
                true,
            );
            foreach ($targets as $target) {
                if ($target->keymap->application->id === $id && $target->now !== null && $target->left === null) {
                    $moving[$target->now->id()] = true;
                } elseif ($target->keymap->application->id === $id) {
                    $standing[$target->command] = true;
                }
            }
            $obstacles[$id] = new Obstacles($keymap, $seats, $docket, $moving, $standing);
        }

        return $obstacles;
    }

    /**
     * For each focus, the slots that can be active with it.
     *
     * @param  list<Target>  $targets
     * @return list<list<int>>
     */
    private static function groups(array $targets): array
    {
        $moving = [];
        foreach ($targets as $slot => $target) {
            if ($target->left === null) {
                $moving[$target->keymap->application->id][$slot] = $target;
            }
        }
        $groups = [];
        foreach ($moving as $of) {
            $tree = reset($of)->keymap->application->contexts;
            foreach ($tree->all() as $focus) {
                $active = array_fill_keys(
                    array_map(static fn (Context $one): string => $one->id, array_merge(...$tree->activeRanks($focus->id))),
                    true,
                );
                $together = array_keys(array_filter($of, static fn (Target $one): bool => isset($active[$one->context])));
                if (count($together) > 1) {
                    $groups[implode(' ', $together)] = $together;
                }
            }
        }

        return self::largest(array_values($groups));
    }

    /**
     * @param  list<list<int>>  $groups
     * @return list<list<int>> without those that lie within another
     */
    private static function largest(array $groups): array
    {
        return array_values(
            array_filter($groups, static function (array $group) use ($groups): bool {
                foreach ($groups as $other) {
                    if (count($other) > count($group) && array_diff($group, $other) === []) {
                        return false;
                    }
                }

                return true;
            }),
        );
    }
}
