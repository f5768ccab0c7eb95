<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Clash\Alternatives;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Offer\Offers;

/**
 * Finds a cheapest set of repairs that leaves no fault. Faults of presses that share no binding have nothing to do with each other, except
 * that two repairs may want one chord: that is searched with branch and bound, each costing at least its cheapest. The search is exact
 * unless it is cut off; the bound tells how far from the cheapest it can be. What comes out has been looked at by the docket.
 */
final class SettleAll
{
    private const MOST_STEPS = 20_000;

    /** How often a set that turns out to leave something is searched around. */
    private const MOST_ROUNDS = 12;

    private int $steps = 0;

    /** @var list<Repair>|null */
    private ?array $best = null;

    private float $bestCost = INF;

    /** @var list<non-empty-list<Repair>> for each group of presses, the cheapest first */
    private array $choices = [];

    /** @var list<float> the least that the groups from here on cost */
    private array $least = [];

    /** @var array<int, array<int, bool>> by two repairs: whether a clash would come of them together */
    private array $clashing = [];

    /** @var list<list<int>> repairs that leave something when all of them are made */
    private array $forbidden = [];

    private function __construct(private readonly LoadedKeymap $keymap, private readonly Sought $sought)
    {
    }

    /**
     * @param  bool  $withWarnings  whether warnings are to go too
     * @param  int  $mostMoves  free chords that are tried for each binding
     */
    public static function of(
        LoadedKeymap $keymap,
        Docket $docket,
        Offers $free,
        bool $withWarnings = false,
        int $mostMoves = 8,
    ): Settlement {
        $sought = new Sought($docket, $withWarnings);
        $faulty = self::faultyPresses($keymap, $sought);
        $repairs = new Repairs($keymap, $sought, new Alternatives($free), new Price($keymap, $faulty), $mostMoves);
        $search = new self($keymap, $sought);
        foreach (self::groups($keymap, $faulty) as $presses) {
            $ofGroup = $repairs->of($presses);
            if ($ofGroup !== []) {
                $search->choices[] = $ofGroup;
            }
        }

        return $search->settle();
    }

    /** @return array<string, Press> by id: those on which something is to be settled */
    private static function faultyPresses(LoadedKeymap $keymap, Sought $sought): array
    {
        return array_filter($keymap->presses(), static fn (Press $press): bool => $sought->on([$press], $keymap) !== []);
    }

    /**
     * A character can be typed with several keys: presses that a binding has in common are settled together.
     *
     * @param  array<string, Press>  $presses
     * @return list<non-empty-list<Press>>
     */
    private static function groups(LoadedKeymap $keymap, array $presses): array
    {
        $groups = [];
        foreach ($presses as $id => $press) {
            $joined = [$id => $press];
            $bindings = array_fill_keys(array_map(spl_object_id(...), $keymap->onPress($press)), true);
            foreach ($groups as $number => [$others, $theirs]) {
                if (array_intersect_key($theirs, $bindings) !== []) {
                    $joined += $others;
                    $bindings += $theirs;
                    unset($groups[$number]);
                }
            }
            $groups[] = [$joined, $bindings];
        }

        return array_values(array_map(static fn (array $group): array => array_values($group[0]), $groups));
    }

    private function settle(): Settlement
    {
        // The group whose second choice costs most more is decided first.
        usort($this->choices, static fn (array $one, array $other): int => self::regret($other) <=> self::regret($one));
        $this->least = [0.0];
        foreach (array_reverse($this->choices) as $repairs) {
            array_unshift($this->least, $this->least[0] + $repairs[0]->cost);
        }
        do {
            [$this->best, $this->bestCost] = [null, INF];
            $this->search(0, 0.0, [], []);
            $settlement = $this->settlement();
        } while ($this->searchAround($settlement));

        return $settlement;
    }

    private function settlement(): Settlement
    {
        $repairs = $this->best ?? [];
        $cost = $this->best === null ? 0.0 : $this->bestCost;
        $bound = $this->steps < self::MOST_STEPS ? $cost : min($cost, $this->least[0]);
        $change = Settlement::changeOf($repairs);

        return new Settlement(
            $repairs,
            $cost,
            $bound,
            array_values($this->sought->in($this->keymap->after($change))),
            $this->sought->word(),
        );
    }

    /** Whether repairs that are fine alone and in pairs leave something together, and another set is to be looked for. */
    private function searchAround(Settlement $settlement): bool
    {
        $presses = [];
        foreach ($settlement->left as $clash) {
            foreach ($clash->bindings as $binding) {
                foreach ($this->keymap->seat->presses($binding->chord) as $press) {
                    $presses[$press->id] = $press;
                }
            }
        }
        $guilty = array_filter($settlement->repairs, static fn (Repair $one): bool => array_intersect_key($one->touches, $presses) !== []);
        if (count($guilty) < 2 || count($this->forbidden) >= self::MOST_ROUNDS || $this->steps >= self::MOST_STEPS) {
            return false;
        }
        $this->forbidden[] = array_values(array_map(spl_object_id(...), $guilty));

        return true;
    }

    /** @param  non-empty-list<Repair>  $repairs */
    private static function regret(array $repairs): float
    {
        return ($repairs[1]->cost ?? INF) - $repairs[0]->cost;
    }

    /**
     * @param  list<Repair>  $chosen
     * @param  array<string, list<Repair>>  $touching  those of them, by the presses that they touch
     */
    private function search(int $at, float $cost, array $chosen, array $touching): void
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
            if ($cost + $repair->cost + $this->least[$at + 1] >= $this->bestCost - 1e-9) {
                return;
            }
            if ($this->goesWith($repair, $touching) && ! $this->isForbidden($repair, $chosen)) {
                $with = $touching;
                foreach (array_keys($repair->touches) as $press) {
                    $with[$press][] = $repair;
                }
                $this->search($at + 1, $cost + $repair->cost, [...$chosen, $repair], $with);
            }
        }
    }

    /** @param  array<string, list<Repair>>  $touching */
    private function goesWith(Repair $repair, array $touching): bool
    {
        foreach (array_intersect_key($touching, $repair->touches) as $others) {
            foreach ($others as $other) {
                if ($this->clash($repair, $other)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param  list<Repair>  $chosen */
    private function isForbidden(Repair $repair, array $chosen): bool
    {
        $ids = $this->forbidden === [] ? [] : array_map(spl_object_id(...), [...$chosen, $repair]);
        foreach ($this->forbidden as $set) {
            if (array_diff($set, $ids) === []) {
                return true;
            }
        }

        return false;
    }

    private function clash(Repair $one, Repair $other): bool
    {
        return $this->clashing[spl_object_id($one)][spl_object_id($other)] ??=
            $this->sought->on(
                array_intersect_key($one->touches, $other->touches),
                $this->keymap->after(Settlement::changeOf([$one, $other])),
            ) !== [];
    }
}
