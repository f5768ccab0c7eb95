<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

use Zebrafinch\Core\Keymap\Gesture;

/** The keyboard somebody sits at: its board, its layout, and the system it is plugged into. */
final readonly class Seat
{
    private ChordPrinter $printer;

    public function __construct(public Board $board, public Layout $layout, public System $system)
    {
        $this->printer = new ChordPrinter($layout, $system);
    }

    public function printer(): ChordPrinter
    {
        return $this->printer;
    }

    public function reader(): ChordReader
    {
        return new ChordReader($this->layout, $this->system);
    }

    /**
     * The layers of this keyboard, the emptiest hand first: every set of the modifiers that it has.
     *
     * @return list<Modifiers> as they are held on the system
     */
    public function layers(): array
    {
        $layers = [Modifiers::of()];
        foreach ([Modifier::Shift, Modifier::Control, Modifier::Alt, Modifier::Meta] as $modifier) {
            array_push($layers, ...array_map(static fn (Modifiers $held): Modifiers => $held->with($modifier), $layers));
        }
        if ($this->layout->hasAltGr && $this->system === System::Linux) {
            array_push($layers, Modifiers::of(Modifier::AltGraph), Modifiers::of(Modifier::AltGraph, Modifier::Shift));
        }
        usort($layers, static fn (Modifiers $one, Modifiers $other): int => $one->count() <=> $other->count());

        return $layers;
    }

    /**
     * What the hands press to make a chord here: keys by position, no `Primary`. A character can be typed in several
     * ways, the easiest first, or in none.
     *
     * @return list<Chord>
     */
    public function presses(Chord $chord): array
    {
        $held = $chord->modifiers->on($this->system);
        if ($chord->key instanceof Key) {
            return [Chord::with($held, $chord->key)];
        }
        $live = array_filter($this->layout->ways($chord->key), static fn (KeyLevel $way): bool => ! $way->symbol->isDead);

        return array_values(array_map(fn (KeyLevel $way): Chord => Chord::with($held->union($way->level->modifiers())->on($this->system), $way->key), $live));
    }

    /** The character that the chord types where text is entered, or null where it types none. */
    public function typed(Chord $chord): ?string
    {
        $press = $this->presses($chord)[0] ?? null;

        return $press?->key instanceof Key ? $this->layout->typed($press->key, $press->modifiers, $this->system) : null;
    }

    /** The identity of the easiest of {@see presses()} with its gesture, or null where the chord cannot be pressed. */
    public function press(Chord $chord, Gesture $gesture): ?string
    {
        $presses = $this->presses($chord);

        return $presses === [] ? null : $presses[0]->id().' '.$gesture->value;
    }
}
