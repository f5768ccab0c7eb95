<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** The keyboard somebody sits at: its board, its layout, and the system it is plugged into. */
final class Seat
{
    private readonly ChordPrinter $printer;

    /** @var array<int, array<string, non-empty-list<Press>>> of chords by position that were asked for, by modifiers and key */
    private array $known = [];

    /** @var array<string, string|false> by press, as far as asked for; false where nothing is typed */
    private array $typed = [];

    public function __construct(public readonly Board $board, public readonly Layout $layout, public readonly System $system)
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

    /** What makes a chord here; of several presses the easiest. */
    public function press(Chord $chord): Press
    {
        return $this->presses($chord)[0];
    }

    /**
     * Everything that makes a chord here. A character can be typed in several ways: the easiest first, those with keys that the
     * board lacks last. Where nothing makes it there is one impossible press.
     *
     * @return non-empty-list<Press>
     */
    public function presses(Chord $chord): array
    {
        return $chord->key instanceof Key
            ? ($this->known[$chord->modifiers->mask()][$chord->key->value] ??= [Press::of($chord->on($this->system))])
            : ($this->known[$chord->modifiers->mask()]["'{$chord->key->value}'"] ??= $this->typing($chord, $chord->key));
    }

    /** @return non-empty-list<Press> */
    private function typing(Chord $chord, Character $character): array
    {
        $live = array_filter($this->layout->ways($character), static fn (KeyLevel $way): bool => ! $way->symbol->isDead);
        usort($live, fn (KeyLevel $one, KeyLevel $other): int => $this->board->has($other->key) <=> $this->board->has($one->key));
        $held = $chord->modifiers->on($this->system);
        $presses = array_map(
            fn (KeyLevel $way): Press => Press::of(Chord::with($held->union($way->level->modifiers())->on($this->system), $way->key)),
            $live,
        );

        return $presses === [] ? [Press::impossible($chord)] : $presses;
    }

    /** The character that the chord types where text is entered, or null where it types none. */
    public function typed(Chord $chord): ?string
    {
        $press = $this->press($chord);
        $typed = $this->typed[$press->id] ??=
            $press->made?->key instanceof Key
                ? $this->layout->typed($press->made->key, $press->made->modifiers, $this->system) ?? false
                : false;

        return $typed === false ? null : $typed;
    }

    /**
     * @return list<Symbol|null> what a key types, by level; null where it types nothing, or the layout has no AltGr to reach the level with
     */
    public function symbols(Key $key): array
    {
        return array_map(
            fn (Level $level): ?Symbol => $this->layout->hasAltGr || ! $level->modifiers()->has(Modifier::AltGraph)
                ? $this->layout->symbol($key, $level)
                : null,
            Level::cases(),
        );
    }
}
