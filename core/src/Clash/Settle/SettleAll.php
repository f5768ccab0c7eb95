<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Clash\Alternatives;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Offer\Offers;

/**
 * Finds a cheapest set of repairs that leaves no fault. Faults of different presses have nothing to do with each other, except
 * that two of them may want the same free chord: that is searched with branch and bound, each press costing at least its
 * cheapest repair. The search is exact unless it is cut off; the bound tells how far from the cheapest it can be.
 */
final class SettleAll
{
    private const MOST_STEPS = 20_000;

    private int $steps = 0;

    /** @var list<Repair>|null */
    private ?array $best = null;

    private float $bestCost = INF;

    /** @var list<non-empty-list<Repair>> for each press, the cheapest first */
    private array $choices = [];

    /** @var list<float> the least that the presses from here on cost */
    private array $least = [];

    private function __construct(private readonly ContextTree $contexts)
    {
    }

    /** @param  int  $mostMoves  free chords that are tried for each binding */
    public static function of(LoadedKeymap $keymap, Docket $docket, Offers $free, int $mostMoves = 8): Settlement
    {
        $faulty = self::faultyPresses($keymap, $docket);
        $repairs = new Repairs($keymap, $docket, new Alternatives($free), new Price($keymap, $faulty), $mostMoves);
        $search = new self($keymap->application->contexts);
        foreach ($faulty as $press) {
            $ofPress = $repairs->of($press);
            if ($ofPress !== []) {
                $search->choices[] = $ofPress;
            }
        }

        return $search->settle();
    }

    /** @return array<string, Press> by id */
    private static function faultyPresses(LoadedKeymap $keymap, Docket $docket): array
    {
        $faults = array_filter($docket->of($keymap), static fn (Clash $one): bool => $one->grade === Grade::Fault);
        $presses = [];
        foreach (array_merge(...array_values(array_map(static fn (Clash $fault): array => $fault->bindings, $faults))) as $binding) {
            $press = $keymap->seat->press($binding->chord);
            $presses[$press->id] = $press;
        }

        return $presses;
    }

    private function settle(): Settlement
    {
        // The press whose second choice costs most more is decided first.
        usort($this->choices, static fn (array $one, array $other): int => self::regret($other) <=> self::regret($one));
        $this->least = [0.0];
        foreach (array_reverse($this->choices) as $repairs) {
            array_unshift($this->least, $this->least[0] + $repairs[0]->cost);
        }
        $this->search(0, 0.0, [], []);
        $bound = $this->steps < self::MOST_STEPS ? $this->bestCost : $this->least[0];

        return new Settlement($this->best ?? [], $this->best === null ? 0.0 : $this->bestCost, $this->best === null ? 0.0 : $bound);
    }

    /** @param  non-empty-list<Repair>  $repairs */
    private static function regret(array $repairs): float
    {
        return ($repairs[1]->cost ?? INF) - $repairs[0]->cost;
    }

    /**
     * @param  list<Repair>  $chosen
     * @param  array<string, list<string>>  $taken  contexts in which a free chord is taken already, by press
     */
    private function search(int $at, float $cost, array $chosen, array $taken): void
    {
        if ($cost + $this->least[$at] >= $this->bestCost - 1e-9) {
            return;
        }
        if ($at === count($this->choices)) {
            [$this->best, $this->bestCost] = [$chosen, $cost];

            return;
        }
        foreach ($this->choices[$at] as $repair) {
            // A first answer is always found: each press can drop what is in its way.
            if ($this->steps >= self::MOST_STEPS && $this->best !== null) {
                return;
            }
            $this->steps++;
            if (! $this->meet($repair->takes, $taken)) {
                $this->search($at + 1, $cost + $repair->cost, [...$chosen, $repair], self::with($taken, $repair->takes));
            }
        }
    }

    /**
     * @param  array<string, list<string>>  $taken
     * @param  array<string, list<string>>  $more
     * @return array<string, list<string>>
     */
    private static function with(array $taken, array $more): array
    {
        foreach ($more as $press => $contexts) {
            $taken[$press] = [...$taken[$press] ?? [], ...$contexts];
        }

        return $taken;
    }

    /**
     * Whether two commands would be a double on what was a free chord.
     *
     * @param  array<string, list<string>>  $wanted
     * @param  array<string, list<string>>  $taken
     */
    private function meet(array $wanted, array $taken): bool
    {
        foreach (array_intersect_key($wanted, $taken) as $press => $contexts) {
            foreach ($contexts as $context) {
                foreach ($taken[$press] as $other) {
                    if ($this->contexts->depth($context) === $this->contexts->depth($other) && $this->contexts->overlap($context, $other)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
