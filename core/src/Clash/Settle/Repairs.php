<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Clash\Alternative;
use Zebrafinch\Core\Clash\AlternativeKind;
use Zebrafinch\Core\Clash\Alternatives;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/** All repairs of one press: each of its bindings stays, is dropped or changed into something else, so that no fault is left. */
final readonly class Repairs
{
    /** Combinations of what can become of the bindings of one press that are tried. */
    private const MOST_COMBINATIONS = 4_096;

    public function __construct(
        private LoadedKeymap $keymap,
        private Docket $docket,
        private Alternatives $alternatives,
        private Price $price,
        private int $mostMoves,
    ) {
    }

    /** @return list<Repair> the cheapest first */
    public function of(Press $press): array
    {
        $bindings = $this->keymap->onPress($press);
        $options = $this->options($bindings);
        $repairs = [];
        foreach (self::combinations($options) as $combination) {
            $repair = $this->repair($press, $bindings, $combination);
            if ($repair !== null) {
                $repairs[] = $repair;
            }
        }
        usort(
            $repairs,
            static fn (Repair $one, Repair $other): int => [$one->cost, implode($one->steps)] <=> [$other->cost, implode($other->steps)],
        );

        return $repairs;
    }

    /**
     * @param  list<Binding>  $bindings
     * @return list<list<Alternative|bool>> for each binding: true to leave it, false to drop it, or what it becomes
     */
    private function options(array $bindings): array
    {
        for ($most = $this->mostMoves; $most > 0; $most--) {
            $options = array_map(
                fn (Binding $one): array => [true, false, ...$this->alternatives->to($one, $this->keymap, $most)],
                $bindings,
            );
            if (array_product(array_map(count(...), $options)) <= self::MOST_COMBINATIONS) {
                return $options;
            }
        }

        // A great many bindings on one press: each stays or goes, and only one at a time moves.
        return array_map(static fn (): array => [true, false], array_slice($bindings, 0, 12)) + array_fill(0, count($bindings), [false]);
    }

    /**
     * @param  list<list<Alternative|bool>>  $options
     * @return iterable<list<Alternative|bool>>
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
     * @param  list<Binding>  $bindings
     * @param  list<Alternative|bool>  $combination
     */
    private function repair(Press $press, array $bindings, array $combination): ?Repair
    {
        $change = Change::none();
        $staying = array_values(
            array_filter($bindings, static fn (Binding $one, int $at): bool => $combination[$at] === true, ARRAY_FILTER_USE_BOTH),
        );
        $cost = 0.0;
        $steps = [];
        $takes = [];
        foreach ($bindings as $at => $binding) {
            $choice = $combination[$at];
            if ($choice === true) {
                continue;
            }
            $change = $change->removing($binding);
            $called =
                $this->keymap->application->commandName($binding->command).
                ' ('.
                $this->keymap->application->contexts->get($binding->context)->name.
                ')';
            if ($choice === false) {
                $cost += $this->price->ofDropping($binding, $staying);
                $steps[] = "{$called} loses the chord";

                continue;
            }
            $change = $change->adding($choice->binding);
            $cost += $this->price->ofChanging($choice);
            $steps[] = ($choice->kind === AlternativeKind::Move ? "{$called} moves " : "{$called} changes ").$choice->words;
            if ($choice->kind === AlternativeKind::Move) {
                $gesture = $this->keymap->application->tellsHold ? $binding->gesture->value : '';
                $takes[trim($this->keymap->seat->press($choice->binding->chord)->id.' '.$gesture)][] = $choice->binding->context;
            }
        }

        return $this->leavesFault($change, $press) ? null : new Repair($press, $change, $cost, $steps, $takes);
    }

    private function leavesFault(Change $change, Press $press): bool
    {
        $after = $this->keymap->after($change);
        $clashes = $this->docket->on([$press, ...$after->touchedBy($change)], $after);

        return array_filter($clashes, static fn (Clash $one): bool => $one->grade === Grade::Fault) !== [];
    }
}
