<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/**
 * Works out from an instance and an answer alone what the answer costs, whether it is allowed and what its multipliers prove. It
 * shares no way of reckoning with the solver.
 *
 * @phpstan-import-type AnswerData from Answer
 */
final readonly class Checker
{
    private const EQUAL = 1e-6;

    public function __construct(private Instance $instance)
    {
    }

    /**
     * @param  AnswerData  $answer
     * @return list<string> what is wrong with it; empty when all of it holds
     */
    public function complaints(array $answer): array
    {
        $complaints = [];
        if (count($answer['choices']) !== count($this->instance->slots)) {
            return [sprintf('The answer has %d choices for %d slots.', count($answer['choices']), count($this->instance->slots))];
        }
        if (! $this->instance->allows($answer['choices'])) {
            $complaints[] = 'A chord is given to two slots of one group, or to a slot that cannot have it.';
        }
        $cost = $this->instance->cost($answer['choices']);
        if (! $this->isSame($cost, $answer['cost'])) {
            $complaints[] = sprintf('The choices cost %.6f, and not %.6f.', $cost, $answer['cost']);
        }
        $bound = $this->bound($answer['multipliers']);
        if (! $this->isSame($bound, $answer['multipliers']['bound'])) {
            $complaints[] = sprintf('The multipliers prove %.6f, and not %.6f.', $bound, $answer['multipliers']['bound']);
        }
        if ($answer['bound'] > $answer['cost'] * (1 + self::EQUAL) || $answer['bound'] < $bound - self::EQUAL * abs($bound)) {
            $complaints[] = sprintf('The bound %.6f is not between what the multipliers prove and the cost.', $answer['bound']);
        }

        return $complaints;
    }

    private function isSame(float $one, float $other): bool
    {
        return abs($one - $other) <= self::EQUAL * max(1.0, abs($one));
    }

    /**
     * No solution costs less: with any prices of at least 0, and no higher than what misleading costs, the relaxed problem is cheaper than
     * the instance.
     *
     * @param  array{
     *     capacity: list<array{group: int, chord: int, price: float}>,
     *     misleading: list<array{chord: int, price: float}>,
     * }  $multipliers
     */
    public function bound(array $multipliers): float
    {
        $ofChord = array_fill(0, count($this->instance->chords), 0.0);
        $bound = 0.0;
        foreach ($multipliers['misleading'] as ['chord' => $chord, 'price' => $price]) {
            $price = min(max(0.0, $price), $this->instance->misleading);
            $ofChord[$chord] = $price;
            $bound -= $price;
        }
        $surcharge = [];
        foreach ($multipliers['capacity'] as ['group' => $group, 'chord' => $chord, 'price' => $price]) {
            $price = max(0.0, $price);
            $bound -= $price;
            foreach ($this->instance->groups[$group] as $slot) {
                $surcharge[$slot][$chord] = ($surcharge[$slot][$chord] ?? 0.0) + $price;
            }
        }
        foreach (array_keys($this->instance->intents) as $intent) {
            $bound += $this->least($intent, $surcharge, $ofChord);
        }

        return $bound;
    }

    /**
     * The least that one intent costs: chord after chord, each can serve any of the slots that are not served yet.
     *
     * @param  array<int, array<int, float>>  $surcharge  by slot and chord
     * @param  array<int, float>  $ofChord
     */
    private function least(int $intent, array $surcharge, array $ofChord): float
    {
        $slots = array_filter($this->instance->slots, static fn (Slot $one): bool => $one->intent === $intent);
        $indexes = array_keys($slots);
        $sets = 1 << count($indexes);
        $unused = [0 => 0.0] + array_fill(0, $sets, INF);
        $used = array_fill(0, $sets, INF);
        foreach ($ofChord as $chord => $price) {
            $opening = [];
            for ($set = 0; $set < $sets; $set++) {
                $opening[$set] = $price + min($unused[$set], $used[$set] + $this->instance->intents[$intent]['second_chord']);
            }
            foreach ($indexes as $bit => $index) {
                $cost = ($slots[$index]->options[$chord] ?? INF) + ($surcharge[$index][$chord] ?? 0.0);
                for ($set = $sets - 1; $set >= 0; $set--) {
                    if (($set & (1 << $bit)) !== 0) {
                        $opening[$set] = min($opening[$set], $opening[$set ^ (1 << $bit)] + $cost);
                    }
                }
            }
            for ($set = 1; $set < $sets; $set++) {
                $used[$set] = min($used[$set], $opening[$set]);
            }
        }
        $least = INF;
        for ($set = 0; $set < $sets; $set++) {
            $left = 0.0;
            foreach ($indexes as $bit => $index) {
                $left += ($set & (1 << $bit)) === 0 ? $slots[$index]->unbound ?? INF : 0.0;
            }
            $least = min($least, $left + min($used[$set], $set === 0 ? 0.0 : INF));
        }

        return $least;
    }
}
