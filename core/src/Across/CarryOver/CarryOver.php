<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across\CarryOver;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Text\Listing;
use Zebrafinch\Core\Usage\Importance;

/**
 * Makes one application behave like another, or like a whole kit. A command that gets a chord loses those that it had in the target;
 * where two lines want one chord, the one whose command is used more has it.
 */
final class CarryOver
{
    /** @var array<string, list<Binding>> what has been carried, by press at the target's keyboard */
    private array $placed = [];

    /**
     * @param  array<string, bool>  $said  by line: accepted or refused; what is not said is as proposed
     */
    private function __construct(private readonly LoadedKeymap $target, private readonly array $said)
    {
    }

    /**
     * @param  list<LoadedKeymap>  $sources  at the keyboard where they are known; the target itself is passed over
     * @param  array<string, bool>  $said  by {@see CarriedBinding::id()}
     */
    public static function of(
        array $sources,
        LoadedKeymap $target,
        Vocabulary $vocabulary,
        Importance $importance,
        ReservedChords $reserved,
        array $said = [],
    ): Report {
        return (new self($target, $said))->account(
            array_values(
                array_filter($sources, static fn (LoadedKeymap $one): bool => $one->application->id !== $target->application->id),
            ),
            new Landings($target, $vocabulary, $reserved),
            $importance,
        );
    }

    /** @param  list<LoadedKeymap>  $sources */
    private function account(array $sources, Landings $landings, Importance $importance): Report
    {
        $open = [];
        foreach ($sources as $from) {
            $equal = [];
            foreach ($from->bindings()->all() as $binding) {
                $number = $equal[$binding->id()] = ($equal[$binding->id()] ?? -1) + 1;
                $open[CarriedBinding::idOf($from, $binding, $number)] = [
                    $from,
                    $number,
                    $binding,
                    $landings->of($from, $binding),
                    $importance->ofCommand($from->application->id, $binding->command),
                ];
            }
        }
        $order = array_keys($open);
        // What was asked for goes before what is proposed, then the most used; lines of one command stay in their order.
        usort(
            $order,
            fn (string $one, string $other): int => [$this->said[$other] ?? false, $open[$other][4]] <=> [
                $this->said[$one] ?? false,
                $open[$one][4],
            ],
        );
        $stayingCommands = [];
        do {
            $this->placed = [];
            $staying = $this->withoutReplaced(array_map(static fn (array $one): Landing => $one[3], $open), $stayingCommands);
            $lines = [];
            foreach ($order as $id) {
                [$from, $number, $binding, $landing] = $open[$id];
                $lines[$id] = $this->line($from, $number, $binding, $landing, $staying, $this->said[$id] ?? null);
            }
            // A command of which no line was accepted keeps its chords, and they stand in the way of others.
            $before = count($stayingCommands);
            $stayingCommands += $this->withoutNew($lines);
        } while (count($stayingCommands) > $before);

        return new Report(
            $this->target,
            array_map(static fn (string $id): CarriedBinding => $lines[$id], array_keys($open)),
            $this->result($lines),
        );
    }

    /**
     * @param  array<string, CarriedBinding>  $lines
     * @return array<string, true> commands of the target that lines lead to, none of them accepted
     */
    private function withoutNew(array $lines): array
    {
        $without = [];
        $with = [];
        foreach ($lines as $line) {
            if ($line->to !== null && $line->isAccepted) {
                $with[$line->to->command] = true;
            } elseif ($line->to !== null) {
                $without[$line->to->command] = true;
            }
        }

        return array_diff_key($without, $with);
    }

    /**
     * What stands in the target beside what is carried: all but the chords of commands that get new ones.
     *
     * @param  array<string, Landing>  $landings
     * @param  array<string, true>  $stayingCommands  commands that get no new one after all
     */
    private function withoutReplaced(array $landings, array $stayingCommands): LoadedKeymap
    {
        $replaced = array_diff(
            array_filter(array_map(static fn (Landing $one): ?string => $one->binding?->command, $landings)),
            array_keys($stayingCommands),
        );
        $left = array_filter(
            $this->target->bindings()->all(),
            static fn (Binding $one): bool => ! in_array($one->command, $replaced, true),
        );

        return new LoadedKeymap(
            $this->target->application,
            Bindings::of(...array_values($left)),
            $this->target->seat,
            $this->target->desktop,
        );
    }

    private function line(
        LoadedKeymap $from,
        int $number,
        Binding $binding,
        Landing $landing,
        LoadedKeymap $staying,
        ?bool $said,
    ): CarriedBinding {
        $to = $landing->binding;
        if ($to === null) {
            return new CarriedBinding($from, $number, $binding, $landing->ending, $landing->sentence, null, [], false);
        }
        $press = $this->target->seat->press($to->chord);
        $rivals = array_values(
            array_filter(
                $this->placed[$press->id] ?? [],
                fn (Binding $one): bool => $one->command !== $to->command && $this->meet($one, $to),
            ),
        );
        $displaced = array_values(
            array_filter($staying->onPress($press), fn (Binding $one): bool => $one->command !== $to->command && $this->meet($one, $to)),
        );
        $desktop = $this->target->desktop?->taking($press);
        if ($desktop !== null) {
            return new CarriedBinding(
                $from,
                $number,
                $binding,
                Ending::Reserved,
                "The desktop takes it for {$this->name($desktop)}.",
                null,
                [],
                false,
            );
        }
        if ($rivals !== []) {
            return new CarriedBinding(
                $from,
                $number,
                $binding,
                Ending::Displaces,
                "{$this->listed($rivals)} is carried to the same chord and is used more.",
                $to,
                $rivals,
                false,
            );
        }
        $isAccepted = $said ?? true;
        if ($isAccepted) {
            $this->placed[$press->id][] = $to;
        }
        if ($displaced !== []) {
            return new CarriedBinding(
                $from,
                $number,
                $binding,
                Ending::Displaces,
                trim("It takes the chord from {$this->listed($displaced)}. {$landing->difference}"),
                $to,
                $displaced,
                $isAccepted,
            );
        }

        return new CarriedBinding($from, $number, $binding, $landing->ending, $landing->sentence, $to, [], $isAccepted);
    }

    private function meet(Binding $one, Binding $other): bool
    {
        // A hold and a tap of one key can both be had, but not if the tap repeats; no such pair is made here.
        return $this->target->application->contexts->overlap($one->context, $other->context);
    }

    /** @param  array<string, CarriedBinding>  $lines */
    private function result(array $lines): Bindings
    {
        $accepted = array_filter($lines, static fn (CarriedBinding $one): bool => $one->isAccepted && $one->to !== null);
        $added = [];
        $gone = [];
        $commands = [];
        foreach ($accepted as $line) {
            if ($line->to !== null) {
                $added[$line->to->id()] = $line->to;
                $commands[$line->to->command] = true;
            }
            foreach ($line->displaced as $binding) {
                $gone[$binding->id()] = true;
            }
        }
        $stays = [];
        foreach ($this->target->bindings()->all() as $binding) {
            if (! isset($commands[$binding->command]) && ! isset($gone[$binding->id()])) {
                $stays[] = $binding;
            }
        }

        return Bindings::of(...$stays, ...array_values($added));
    }

    private function name(Binding $binding): string
    {
        return $this->target->application->commandName($binding->command);
    }

    /** @param  list<Binding>  $bindings */
    private function listed(array $bindings): string
    {
        return Listing::and(array_unique(array_map($this->name(...), $bindings)));
    }
}
