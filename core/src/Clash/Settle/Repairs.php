<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Clash\Alternative;
use Zebrafinch\Core\Clash\AlternativeKind;
use Zebrafinch\Core\Clash\Alternatives;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/**
 * All repairs of presses that share bindings: each binding stays, is dropped or changed into something else, so that no clash is left.
 * Where a binding moves to makes no difference to the presses that it leaves, so they are looked at once for all the chords it could get.
 */
final class Repairs
{
    /** Combinations of what can become of the bindings of one press that are tried. */
    private const MOST_COMBINATIONS = 4_096;

    /** @var array<string, list<Alternative>> by the binding */
    private array $alternativesTo = [];

    public function __construct(
        private readonly LoadedKeymap $keymap,
        private readonly Sought $sought,
        private readonly Alternatives $alternatives,
        private readonly Price $price,
        private readonly int $mostMoves,
    ) {
    }

    /**
     * @param  non-empty-list<Press>  $presses
     * @return list<Repair> the cheapest first
     */
    public function of(array $presses): array
    {
        $bindings = $this->bindingsOn($presses);
        $repairs = [];
        foreach (self::combinations($this->fates($bindings)) as $fates) {
            if (! $this->leavesClash($this->changeOf($bindings, $fates), $presses)) {
                array_push($repairs, ...$this->withMoves($presses, $bindings, $fates));
            }
        }
        usort(
            $repairs,
            static fn (Repair $one, Repair $other): int => [$one->cost, implode($one->steps)] <=> [$other->cost, implode($other->steps)],
        );

        return array_slice($repairs, 0, self::MOST_COMBINATIONS);
    }

    /**
     * @param  list<Press>  $presses
     * @return list<Binding> each once, however many of the presses make its chord
     */
    private function bindingsOn(array $presses): array
    {
        $bindings = [];
        foreach ($presses as $press) {
            foreach ($this->keymap->onPress($press) as $binding) {
                $bindings[spl_object_id($binding)] = $binding;
            }
        }

        return array_values($bindings);
    }

    /**
     * @param  list<Binding>  $bindings
     * @return list<non-empty-list<Alternative|AlternativeKind|bool>> for each binding: true to leave it, false to drop it, that it moves,
     *     or what it becomes
     */
    private function fates(array $bindings): array
    {
        $fates = array_map(function (Binding $one): array {
            $alternatives = $this->alternativesTo($one);
            $isMove = static fn (Alternative $to): bool => $to->kind === AlternativeKind::Move;
            $moves = array_filter($alternatives, $isMove);

            return [true, false, ...$moves === [] ? [] : [AlternativeKind::Move], ...array_values(array_diff_key($alternatives, $moves))];
        }, $bindings);
        $count = 1;

        // A great many bindings on one press: the first of them stay or go, and the rest go.
        return array_map(static function (array $ofOne) use (&$count): array {
            $fits = $count * count($ofOne) <= self::MOST_COMBINATIONS;
            $some = $fits ? $ofOne : ($count * 2 <= self::MOST_COMBINATIONS ? [true, false] : [false]);
            $count *= count($some);

            return $some;
        }, $fates);
    }

    /** @return list<Alternative> */
    private function alternativesTo(Binding $binding): array
    {
        return $this->alternativesTo[$binding->id()] ??= array_values(
            array_filter($this->alternatives->to($binding, $this->keymap, $this->mostMoves), function (Alternative $to) use (
                $binding,
            ): bool {
                $change = Change::none()->removing($binding)->adding($to->binding);

                return $to->kind !== AlternativeKind::Move ||
                    $this->sought->on($this->keymap->seat->presses($to->binding->chord), $this->keymap->after($change)) === [];
            }),
        );
    }

    /**
     * @template T
     *
     * @param  list<list<T>>  $options
     * @return iterable<list<T>>
     */
    private static function combinations(array $options): iterable
    {
        if ($options === []) {
            yield [];

            return;
        }
        $first = array_shift($options);
        foreach ($first as $choice) {
            foreach (self::combinations($options) as $rest) {
                yield [$choice, ...$rest];
            }
        }
    }

    /**
     * What happens on the presses themselves; what moves away only goes.
     *
     * @param  list<Binding>  $bindings
     * @param  list<Alternative|AlternativeKind|bool>  $fates
     */
    private function changeOf(array $bindings, array $fates): Change
    {
        $change = Change::none();
        foreach ($bindings as $at => $binding) {
            $change = $fates[$at] === true ? $change : $change->removing($binding);
            $change = $fates[$at] instanceof Alternative ? $change->adding($fates[$at]->binding) : $change;
        }

        return $change;
    }

    /**
     * @param  non-empty-list<Press>  $presses
     * @param  list<Binding>  $bindings
     * @param  list<Alternative|AlternativeKind|bool>  $fates
     * @return list<Repair>
     */
    private function withMoves(array $presses, array $bindings, array $fates): array
    {
        $moving = count(array_keys($fates, AlternativeKind::Move, true));
        $most = $moving === 0 ? 1 : max(1, (int) floor($this->mostMoves ** min(1.0, 3.0 / $moving)));
        $options = array_map(
            fn (Alternative|AlternativeKind|bool $fate, Binding $binding): array => $fate === AlternativeKind::Move
                ? array_slice($this->movesOf($binding), 0, $most)
                : [$fate],
            $fates,
            $bindings,
        );
        $repairs = [];
        foreach (self::combinations($options) as $combination) {
            $repair = $this->repair($presses, $bindings, $combination);
            if ($this->goApart($repair->change) || ! $this->leavesClash($repair->change, $presses)) {
                $repairs[] = $repair;
            }
        }

        return $repairs;
    }

    /** Whether no two bindings come to one press. */
    private function goApart(Change $change): bool
    {
        $presses = array_merge(
            ...array_map(fn (Binding $one): array => array_column($this->keymap->seat->presses($one->chord), 'id'), $change->added),
        );

        return count($presses) === count(array_unique($presses));
    }

    /** @return list<Alternative> */
    private function movesOf(Binding $binding): array
    {
        $isMove = static fn (Alternative $to): bool => $to->kind === AlternativeKind::Move;

        return array_values(array_filter($this->alternativesTo($binding), $isMove));
    }

    /**
     * @param  non-empty-list<Press>  $presses
     * @param  list<Binding>  $bindings
     * @param  list<Alternative|AlternativeKind|bool>  $combination
     */
    private function repair(array $presses, array $bindings, array $combination): Repair
    {
        $change = $this->changeOf($bindings, $combination);
        $staying = [];
        foreach ($combination as $at => $choice) {
            if ($choice === true) {
                $staying[] = $bindings[$at];
            }
        }
        $cost = 0.0;
        $steps = [];
        foreach ($bindings as $at => $binding) {
            $choice = $combination[$at];
            if ($choice === false) {
                $cost += $this->price->ofDropping($binding, $staying);
                $steps[] = "{$this->called($binding)} loses the chord";
            } elseif ($choice instanceof Alternative) {
                $cost += $this->price->ofChanging($choice);
                $steps[] =
                    "{$this->called($binding)} ".($choice->kind === AlternativeKind::Move ? 'moves ' : 'changes ').$choice->words;
            }
        }
        $touches = $this->keymap->touchedBy($change);
        foreach ($presses as $press) {
            $touches[$press->id] = $press;
        }

        return new Repair($presses[0], $change, $cost, $steps, $touches);
    }

    private function called(Binding $binding): string
    {
        $context = $this->keymap->application->contexts->get($binding->context)->name;

        return "{$this->keymap->application->commandName($binding->command)} ({$context})";
    }

    /** @param  list<Press>  $presses */
    private function leavesClash(Change $change, array $presses): bool
    {
        return $this->sought->on([...$presses, ...$this->keymap->touchedBy($change)], $this->keymap->after($change)) !== [];
    }
}
