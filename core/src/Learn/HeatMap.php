<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Seat;

/** Where on a board the work is done: presses and travel of each key, modifiers included. */
final readonly class HeatMap
{
    private const MM_TO_M_AND_BACK = 2 / 1000;

    /** The keys that are held for modifiers: those at the left. */
    private const HELD = [
        [Modifier::Shift, Key::ShiftLeft],
        [Modifier::Control, Key::ControlLeft],
        [Modifier::Alt, Key::AltLeft],
        [Modifier::Meta, Key::MetaLeft],
        [Modifier::AltGraph, Key::AltRight],
    ];

    /** @param  array<string, KeyHeat>  $keys  by key code; those that are never pressed are left out */
    private function __construct(public array $keys)
    {
    }

    /** @param  list<Doing>  $doings  with the bindings that are looked at; what is done by mouse, or has no chord here, is left out */
    public static function of(array $doings, Ways $ways, Seat $seat): self
    {
        $hand = new LeftHand($seat->board);
        $presses = [];
        foreach ($doings as $doing) {
            $binding = $doing->byKey > 0.0 ? $ways->quickest($doing->bindings) : null;
            $made = $binding === null ? null : $seat->press($binding->chord)->made;
            if ($made === null || ! ($made->key instanceof Key)) {
                continue;
            }
            foreach ([$made->key, ...self::held($made)] as $key) {
                $presses[$key->value] = ($presses[$key->value] ?? 0.0) + $doing->byKey;
            }
        }
        $keys = [];
        foreach ($presses as $code => $count) {
            $key = Key::from($code);
            $travel = $hand->travelTo($key) ?? 0.0;
            $keys[$code] = new KeyHeat($key, $count, $count * $travel * self::MM_TO_M_AND_BACK);
        }

        return new self($keys);
    }

    /** @return list<Key> */
    private static function held(Chord $made): array
    {
        $held = array_filter(self::HELD, static fn (array $one): bool => $made->modifiers->has($one[0]));

        return array_values(array_column($held, 1));
    }

    /** A week. */
    public function presses(): float
    {
        return array_sum(array_map(static fn (KeyHeat $one): float => $one->presses, $this->keys));
    }

    /** Metres a week. */
    public function travel(): float
    {
        return array_sum(array_map(static fn (KeyHeat $one): float => $one->travel, $this->keys));
    }
}
