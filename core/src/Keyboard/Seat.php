<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** The keyboard somebody sits at: its board, its layout, and the system it is plugged into. */
final class Seat
{
    private readonly ChordPrinter $printer;

    /** @var array<int, string> what stands before the key in the identity of a press, by the modifiers of the chord, as far as asked for */
    private array $prefixes = [];

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

    /**
     * What the hands press to make a chord here: keys by position, no `Primary`. A character can be typed in several
     * ways, the easiest first, those with keys that the board lacks last, or in none.
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
        usort($live, fn (KeyLevel $one, KeyLevel $other): int => $this->board->has($other->key) <=> $this->board->has($one->key));

        return array_map(fn (KeyLevel $way): Chord => Chord::with($held->union($way->level->modifiers())->on($this->system), $way->key), $live);
    }

    /** The character that the chord types where text is entered, or null where it types none. */
    public function typed(Chord $chord): ?string
    {
        $press = $this->presses($chord)[0] ?? null;

        return $press?->key instanceof Key ? $this->layout->typed($press->key, $press->modifiers, $this->system) : null;
    }

    /**
     * The identities of {@see presses()}, the easiest first. A chord that cannot be pressed here has its own id behind a question
     * mark, so that it can still be told from others.
     *
     * @return non-empty-list<string>
     */
    public function pressIds(Chord $chord): array
    {
        if ($chord->key instanceof Key) {
            return [($this->prefixes[$chord->modifiers->mask()] ??= $this->prefix($chord->modifiers)).$chord->key->value];
        }
        $ids = array_map(static fn (Chord $press): string => $press->id(), $this->presses($chord));

        return $ids === [] ? ["?{$chord->id()}"] : $ids;
    }

    /** @return list<Symbol|null> what a key types, by level; null where it types nothing, or the layout has no AltGr to reach the level with */
    public function symbols(Key $key): array
    {
        return array_map(fn (Level $level): ?Symbol => $this->layout->hasAltGr || ! $level->modifiers()->has(Modifier::AltGraph) ? $this->layout->symbol($key, $level) : null, Level::cases());
    }

    private function prefix(Modifiers $modifiers): string
    {
        return implode('', array_map(static fn (Modifier $one): string => "{$one->value}+", $modifiers->on($this->system)->all()));
    }

    /** A press as an application writes it: with the character that the key types where it names keys so, and the key types one by itself. */
    public function written(Chord $press, ChordStyle $style): Chord
    {
        if ($style === ChordStyle::Position || ! $press->key instanceof Key) {
            return $press;
        }
        $held = $press->modifiers;
        $symbol = $this->layout->symbol($press->key, Level::of($held->has(Modifier::Shift), $held->has(Modifier::AltGraph)));
        if ($symbol === null || $symbol->isDead || preg_match('/[\p{Z}\p{C}]/u', $symbol->character) === 1) {
            return $press;
        }

        // Keys of the number pad type what others type too; they keep their own names.
        return $press->key->isOnNumberPad() ? $press : Chord::with($held->without(Modifier::Shift)->without(Modifier::AltGraph), Character::of($symbol->character));
    }
}
