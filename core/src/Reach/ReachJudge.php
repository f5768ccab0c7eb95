<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\KeyLevel;
use Zebrafinch\Core\Keyboard\Level;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;

/** Says how a chord can be pressed at one seat, in a sentence for the person who sits there. */
final class ReachJudge
{
    /** @var array<string, bool> by press, as far as asked for */
    private array $plain = [];

    /** @var array<string, Reach> by chord, as far as asked for */
    private array $known = [];

    public function __construct(private readonly Seat $seat, private readonly ReservedChords $reserved)
    {
    }

    public function of(Chord $chord): Reach
    {
        return $this->known[$chord->id()] ??=
            $chord->key instanceof Key ? $this->ofKey($chord, $chord->key) : $this->ofCharacter($chord, $chord->key);
    }

    /**
     * Whether nothing at all is to be said of a chord, decided without making sentences: its key is here, no modifiers with which
     * it could type, and nobody reserves it.
     *
     * @param  Press  $press  what is pressed for it at this seat
     */
    public function isPlain(Chord $chord, Press $press): bool
    {
        return $chord->key instanceof Key &&
            ($this->plain[$press->id] ??=
                $this->seat->board->has($chord->key) &&
                ! $this->reserved->has($press, $this->seat->system) &&
                ($this->seat->system === System::MacOs || ! $this->mayTypeWithAltGr($chord->modifiers)));
    }

    /** Whether exactly AltGr is held, or what stands for it on the system, with or without Shift. */
    private function mayTypeWithAltGr(Modifiers $modifiers): bool
    {
        return $modifiers
            ->on($this->seat->system)
            ->without(Modifier::Shift)
            ->equals(Modifiers::of(Modifier::AltGraph)->on($this->seat->system));
    }

    private function ofKey(Chord $chord, Key $key): Reach
    {
        $held = $chord->on($this->seat->system);
        $reservation = $this->reserved->find($held, $this->seat->system);
        if ($reservation !== null) {
            return $this->takenBySystem($chord, $reservation);
        }
        if (! $this->seat->board->has($key)) {
            return $this->ofMissingKey($chord, $key);
        }

        return $this->needsAltGr($chord) ?? new Reach(ReachKind::AsWritten, "{$this->label($chord)} is pressed as it is written.");
    }

    private function ofMissingKey(Chord $chord, Key $key): Reach
    {
        $behind = $this->seat->board->behindFn($key);
        $name = $this->seat->printer()->names()->of($key);

        return $behind === null
            ? new Reach(ReachKind::NotOnBoard, "This board ({$this->seat->board->name}) has no key {$name}.")
            : new Reach(
                ReachKind::OtherKeys,
                "This board has no key {$name} of its own; it is Fn with {$this->seat->printer()->names()->of($behind)}.",
                Chord::with($chord->modifiers, $behind),
            );
    }

    /** Where Control+Alt is AltGr, a chord with both types a character wherever the layout has one there. */
    private function needsAltGr(Chord $chord): ?Reach
    {
        $held = $chord->on($this->seat->system)->modifiers;
        $character = $chord->key instanceof Key ? $this->seat->layout->typed($chord->key, $held, $this->seat->system) : null;
        if ($character === null || ! $this->mayTypeWithAltGr($held) || $this->seat->system === System::MacOs) {
            return null;
        }
        $why = $this->seat->system === System::Windows ? 'On Windows AltGr is Ctrl and Alt together, so ' : 'With AltGr, ';

        return new Reach(
            ReachKind::NeedsAltGr,
            "{$why}{$this->label($chord)} types {$character} on this layout; where text is entered the character wins.",
        );
    }

    private function ofCharacter(Chord $chord, Character $character): Reach
    {
        $onBoard = array_values(
            array_filter($this->seat->layout->ways($character), fn (KeyLevel $way): bool => $this->seat->board->has($way->key)),
        );
        $way = $onBoard[0] ?? null;
        if ($way === null && $this->seat->layout->mayType($character)) {
            return new Reach(
                ReachKind::Unknown,
                "Where the layout {$this->seat->layout->name} has {$character->value} on {$this->seat->system->label()} is not known here.",
            );
        }
        if ($way === null) {
            return new Reach(
                ReachKind::NotOnBoard,
                $this->seat->layout->ways($character) === []
                    ? "No key of the layout {$this->seat->layout->name} types {$character->value}."
                    : "The layout {$this->seat->layout->name} types {$character->value} with a key that this board ".
                        "({$this->seat->board->name}) does not have.",
            );
        }
        $pressed = Chord::with($chord->modifiers->union($way->level->modifiers())->on($this->seat->system), $way->key);
        if ($way->symbol->isDead) {
            return new Reach(
                ReachKind::DeadKey,
                "{$character->value} is a dead key on this layout ({$this->label($pressed)}): ".
                    'it waits for the next key and reaches no command.',
                $pressed,
            );
        }
        $reservation = $this->reserved->find($pressed, $this->seat->system);

        return match (true) {
            $reservation !== null => $this->takenBySystem($pressed, $reservation),
            $way->level === Level::Plain,
            $way->level === Level::Shift && mb_strtolower($character->value) !== $character->value => new Reach(
                ReachKind::AsWritten,
                "{$character->value} has a key of its own on this layout ({$this->label($pressed)}).",
                $pressed,
            ),
            $way->level === Level::Shift => new Reach(
                ReachKind::OtherKeys,
                "On this layout {$character->value} is typed with {$this->label($pressed)}.",
                $pressed,
            ),
            default => new Reach(ReachKind::NeedsAltGr, $this->altGrSentence($character, $way, $pressed), $pressed),
        };
    }

    private function altGrSentence(Character $character, KeyLevel $way, Chord $pressed): string
    {
        $key = $this->seat->printer()->names()->inWords($way->key);
        $shift = $way->level === Level::ShiftAltGr ? ' and Shift' : '';

        return match ($this->seat->system) {
            System::Windows => "On this layout {$character->value} needs AltGr{$shift} and {$key}. ".
                "On Windows AltGr is Ctrl and Alt together, so an application sees {$this->label($pressed)}.",
            System::MacOs => "On this layout {$character->value} needs Option{$shift} and {$key}.",
            System::Linux => "On this layout {$character->value} needs AltGr{$shift} and {$key}.",
        };
    }

    private function takenBySystem(Chord $chord, ReservedChord $reservation): Reach
    {
        return new Reach(ReachKind::Reserved, "The system reserves {$this->label($chord)}: it {$reservation->does}.");
    }

    private function label(Chord $chord): string
    {
        return $this->seat->printer()->inSentence($chord);
    }
}
