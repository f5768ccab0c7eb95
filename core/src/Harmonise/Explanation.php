<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Listing;

/** Says of a solved kit why a slot has its chord, and what the next best would have cost. */
final class Explanation
{
    /** @var array<int, array<int, list<int>>> slots by chord and intent */
    private array $on = [];

    /** @var array<int, list<int>> slots by intent */
    private array $ofIntent = [];

    /** @var array<int, list<int>> groups by slot */
    private array $groupsOf = [];

    /** @param  array<int, int|null>  $choices  by slot */
    public function __construct(private readonly KitInstance $kit, private readonly array $choices)
    {
        foreach ($kit->instance->slots as $index => $slot) {
            $this->ofIntent[$slot->intent][] = $index;
            if ($choices[$index] !== null) {
                $this->on[$choices[$index]][$slot->intent][] = $index;
            }
        }
        foreach ($kit->instance->groups as $number => $group) {
            foreach ($group as $index) {
                $this->groupsOf[$index][] = $number;
            }
        }
    }

    public function line(int $slot): Line
    {
        $target = $this->kit->targets[$slot];
        $choice = $this->choices[$slot];
        $chord = $choice === null ? null : $this->kit->candidates->written($choice, $target->keymap->application->naming);

        return new Line(
            $target,
            $chord,
            $choice === null ? [] : $this->displaced($slot, $choice),
            $this->reasons($slot),
            $this->runnerUp($slot),
        );
    }

    /** @return list<string> */
    private function reasons(int $slot): array
    {
        $choice = $this->choices[$slot];
        $target = $this->kit->targets[$slot];
        if ($choice === null) {
            return ['Every chord that it could have costs more than it is used'];
        }
        $reasons = [];
        $same = $this->others($slot, $choice);
        if ($same !== []) {
            $reasons[] = 'the same in '.$this->named($same);
        }
        $now = $target->now === null ? null : $this->kit->candidates->index($target->now->chord);
        $pitches = $this->kit->candidates->efforts[$choice];
        $reasons[] =
            $now === null || $target->now === null
                ? 'it had no chord'
                : sprintf('%.1f keys of travel, %.1f before', $pitches, $this->kit->candidates->efforts[$now]);
        if ($now !== null && $now !== $choice) {
            $elsewhere = array_filter(
                $this->on[$now] ?? [],
                fn (int $intent): bool => $intent !== $this->kit->instance->slots[$slot]->intent,
                ARRAY_FILTER_USE_KEY,
            );
            if ($elsewhere !== []) {
                $reasons[] = 'its old chord means '.$this->meanings($elsewhere);
            }
        }
        $lost = $this->displaced($slot, $choice);
        if ($lost !== []) {
            $reasons[] =
                'takes it from '.
                Listing::and(
                    array_map(static fn (Binding $binding): string => $target->keymap->application->commandName($binding->command), $lost),
                );
        }

        return $reasons;
    }

    private function runnerUp(int $index): ?RunnerUp
    {
        $costs = [];
        $slot = $this->kit->instance->slots[$index];
        foreach (array_keys($slot->options) as $chord) {
            if ($chord !== $this->choices[$index] && $this->isFree($index, $chord)) {
                $costs[$chord] = array_sum($this->parts($index, $chord));
            }
        }
        if ($this->choices[$index] !== null && $slot->unbound !== null) {
            $costs[-1] = array_sum($this->parts($index, null));
        }
        if ($costs === []) {
            return null;
        }
        asort($costs);
        $next = array_key_first($costs);
        $chord = $next < 0 ? null : $next;
        $target = $this->kit->targets[$index];
        $now = $target->now === null ? null : $this->kit->candidates->index($target->now->chord);

        return new RunnerUp(
            $chord === null ? null : $this->kit->candidates->written($chord, $target->keymap->application->naming),
            $chord === $now,
            $costs[$next] - array_sum($this->parts($index, $this->choices[$index])),
            $this->differences($index, $chord),
        );
    }

    /**
     * What makes the difference between a chord and the one that was chosen.
     *
     * @return non-empty-list<array{float, string}> the largest first
     */
    private function differences(int $slot, ?int $chord): array
    {
        $chosen = $this->parts($slot, $this->choices[$slot]);
        $differences = [];
        foreach ($this->parts($slot, $chord) as $part => $cost) {
            $more = $cost - $chosen[$part];
            if (abs($more) > 1e-9) {
                $differences[] = [$more, $more > 0 ? $this->dearer($part, $slot, $chord) : $this->cheaper($part, $slot)];
            }
        }
        usort($differences, static fn (array $one, array $other): int => $other[0] <=> $one[0]);

        return $differences === [] ? [[0.0, 'it costs the same']] : $differences;
    }

    private function dearer(string $part, int $slot, ?int $chord): string
    {
        $target = $this->kit->targets[$slot];

        return match ($part) {
            'alike' => "{$target->intent->name} would have one more chord",
            'clear' => 'it means '.$this->meaningsOn($chord, $slot),
            'habit' => 'it would have to be learned',
            'others' => 'it takes the chord from '.$this->losing($slot, $chord),
            'bound' => 'the command would have no chord',
            default => 'it is farther for the hand',
        };
    }

    /** The same seen from the chord that was chosen, which is the dearer one in this. */
    private function cheaper(string $part, int $slot): string
    {
        $choice = $this->choices[$slot];

        return match ($part) {
            'alike' => "{$this->kit->targets[$slot]->intent->name} would have one chord less",
            'clear' => 'the chosen one means '.$this->meaningsOn($choice, $slot),
            'habit' => 'it is known',
            'others' => 'the chosen one takes its chord from '.$this->losing($slot, $choice),
            'bound' => 'the command would have a chord',
            default => $choice === null ? 'the hand need not go there' : 'it is nearer for the hand',
        };
    }

    private function meaningsOn(?int $chord, int $slot): string
    {
        $isOther = fn (int $intent): bool => $intent !== $this->kit->instance->slots[$slot]->intent;

        return $this->meanings(array_filter($this->on[$chord ?? -1] ?? [], $isOther, ARRAY_FILTER_USE_KEY));
    }

    private function losing(int $slot, ?int $chord): string
    {
        $application = $this->kit->targets[$slot]->keymap->application;
        $name = static fn (Binding $one): string => $application->commandName($one->command);

        return Listing::and(array_map($name, $chord === null ? [] : $this->displaced($slot, $chord)));
    }

    /**
     * @return array{
     *     comfort: float,
     *     habit: float,
     *     alike: float,
     *     clear: float,
     *     others: float,
     *     bound: float,
     * } what a slot's chord costs while the others stay
     */
    private function parts(int $index, ?int $chord): array
    {
        $slot = $this->kit->instance->slots[$index];
        if ($chord === null) {
            return ['comfort' => 0.0, 'habit' => 0.0, 'alike' => 0.0, 'clear' => 0.0, 'others' => 0.0, 'bound' => $slot->unbound ?? 0.0];
        }
        $option = $this->kit->options[$index]->byChord[$chord];
        $isOpenElsewhere = $this->others($index, $chord) !== [];
        $hasOther =
            array_filter($this->ofIntent[$slot->intent], fn (int $other): bool => $other !== $index && $this->choices[$other] !== null) !==
            [];
        $intents = count(array_filter(array_keys($this->on[$chord] ?? []), static fn (int $intent): bool => $intent !== $slot->intent));

        return [
            'comfort' => $option->comfort,
            'habit' => $option->habit,
            'others' => $option->others,
            'bound' => 0.0,
            'alike' => $isOpenElsewhere || ! $hasOther ? 0.0 : $this->kit->instance->intents[$slot->intent]['second_chord'],
            'clear' => $isOpenElsewhere || $intents === 0 ? 0.0 : $this->kit->instance->misleading,
        ];
    }

    /** @return list<Binding> what loses its chord to this one */
    private function displaced(int $slot, int $chord): array
    {
        return $this->kit->options[$slot]->byChord[$chord]->displaced;
    }

    /** Whether no other slot that can be active with this one has the chord. */
    private function isFree(int $slot, int $chord): bool
    {
        foreach ($this->groupsOf[$slot] ?? [] as $group) {
            foreach ($this->kit->instance->groups[$group] as $other) {
                if ($other !== $slot && $this->choices[$other] === $chord) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<int> the intent's other slots on a chord */
    private function others(int $slot, int $chord): array
    {
        return array_values(
            array_filter(
                $this->on[$chord][$this->kit->instance->slots[$slot]->intent] ?? [],
                static fn (int $other): bool => $other !== $slot,
            ),
        );
    }

    /** @param  list<int>  $slots */
    private function named(array $slots): string
    {
        $names = array_map(fn (int $slot): string => $this->kit->targets[$slot]->keymap->application->name, $slots);

        return Listing::and($names);
    }

    /** @param  array<int, list<int>>  $byIntent  slots */
    private function meanings(array $byIntent): string
    {
        return Listing::and(
            array_map(
                fn (array $slots): string => "{$this->kit->targets[$slots[0] ?? 0]->intent->name} in {$this->named($slots)}",
                $byIntent,
            ),
        );
    }
}
