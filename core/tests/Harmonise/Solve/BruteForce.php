<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Harmonise\Solve;

use Zebrafinch\Core\Harmonise\Solve\Instance;

/** The optimum of a tiny instance, by trying all there is. */
final class BruteForce
{
    /** INF when nothing is allowed. */
    public static function optimum(Instance $instance): float
    {
        $best = INF;
        self::each($instance, [], $best);

        return $best;
    }

    /** @param  list<int|null>  $choices */
    private static function each(Instance $instance, array $choices, float &$best): void
    {
        if (count($choices) === count($instance->slots)) {
            if ($instance->allows($choices)) {
                $best = min($best, $instance->cost($choices));
            }

            return;
        }
        $slot = $instance->slots[count($choices)];
        foreach ([...array_keys($slot->options), ...$slot->unbound === null ? [] : [null]] as $chord) {
            self::each($instance, [...$choices, $chord], $best);
        }
    }
}
