<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Level;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Seat;

/** How an application's key file names the keys of its chords. */
enum KeyNaming: string
{
    /** By where they sit: the same key on every layout. */
    case Position = 'position';
    /** By what they type: another key where the layout is another. */
    case Character = 'character';

    /** What is pressed at a seat as the key file names it: by character only where the key types one by itself. */
    public function write(Chord $pressed, Seat $seat): Chord
    {
        if ($this === self::Position || ! ($pressed->key instanceof Key)) {
            return $pressed;
        }
        $held = $pressed->modifiers;
        $symbol = $seat->layout->symbol($pressed->key, Level::of($held->has(Modifier::Shift), $held->has(Modifier::AltGraph)));
        if ($symbol === null || $symbol->isDead || preg_match('/[\p{Z}\p{C}]/u', $symbol->character) === 1) {
            return $pressed;
        }

        // Keys of the number pad type what others type too; they keep their own names.
        return $pressed->key->isOnNumberPad()
            ? $pressed
            : Chord::with($held->without(Modifier::Shift)->without(Modifier::AltGraph), Character::of($symbol->character));
    }
}
