<?php

declare(strict_types=1);

namespace App\Rehearse;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\Symbol;

/** A press as the operating system of a seat tells it to an application: plain data, which the stand-ins understand. */
final readonly class PressAtSeat
{
    /**
     * @param  string  $code  W3C code of the key
     * @param  list<string>  $held  modifiers
     * @param  list<string|null>  $characters  what the key types on each level
     * @param  list<bool>  $dead  whether that is a dead key
     */
    private function __construct(public string $code, public array $held, public array $characters, public array $dead)
    {
    }

    /** Null where the keyboard has no press for the chord. */
    public static function of(Chord $chord, Seat $seat): ?self
    {
        $made = $seat->press($chord)->made;
        if (! ($made?->key instanceof Key)) {
            return null;
        }
        $symbols = array_values($seat->symbols($made->key));

        return new self(
            $made->key->value,
            array_map(static fn (Modifier $held): string => $held->value, $made->modifiers->all()),
            array_map(static fn (?Symbol $symbol): ?string => $symbol?->character, $symbols),
            array_map(static fn (?Symbol $symbol): bool => $symbol !== null && $symbol->isDead, $symbols),
        );
    }
}
