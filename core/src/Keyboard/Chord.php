<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * Modifiers and one key by position, or one character by what is typed. Written as `Primary+Shift+KeyS`, or as
 * `Primary+'<'`: modifiers in the order of {@see Modifier}, then the key's code or the character between
 * apostrophes. That text is also the chord's identity.
 */
final readonly class Chord
{
    /** Every key of a large board on every layer. */
    private const MOST_KNOWN = 4_000;

    /** Kept, since every comparison and look-up asks for it. */
    private string $id;

    /**
     * @param  Modifiers  $modifiers  with a character neither Shift nor AltGraph: the character says which level is meant
     * @param  Key|Character  $key  never a key that is only held
     */
    private function __construct(public Modifiers $modifiers, public Key|Character $key)
    {
        $this->id = $modifiers->written().($key instanceof Key ? $key->value : "'{$key->value}'");
    }

    public static function of(Key|Character $key, Modifier ...$modifiers): self
    {
        return self::with(Modifiers::of(...$modifiers), $key);
    }

    /** @throws UnreadableChord */
    public static function with(Modifiers $modifiers, Key|Character $key): self
    {
        if ($key instanceof Key && $key->isOnlyHeld()) {
            throw UnreadableChord::modifierAlone($key);
        }
        if ($key instanceof Character && ($modifiers->has(Modifier::Shift) || $modifiers->has(Modifier::AltGraph))) {
            throw UnreadableChord::characterWithLevel($key);
        }

        return new self($modifiers, $key);
    }

    /**
     * Reads the written form; modifiers may stand in any order.
     *
     * @throws UnreadableChord with the offset of the part that could not be read
     */
    public static function parse(string $text): self
    {
        /** @var array<string, self> $known the same few hundred are read again and again */
        static $known = [];
        if (isset($known[$text])) {
            return $known[$text];
        }
        $chord = self::read($text);
        if (count($known) < self::MOST_KNOWN) {
            $known[$text] = $chord;
        }

        return $chord;
    }

    /** @throws UnreadableChord */
    private static function read(string $text): self
    {
        $character = preg_match("/^((?:[^'+]*\+)*)'(.+)'$/us", $text, $found) === 1 ? $found[2] : null;
        $parts = explode('+', $character === null ? $text : $found[1]);
        $last = array_pop($parts);
        $modifiers = Modifiers::of();
        $offset = 0;
        foreach ($parts as $part) {
            $modifier = Modifier::tryFrom($part) ?? throw UnreadableChord::notAModifier($text, $part, $offset);
            if ($modifiers->has($modifier)) {
                throw UnreadableChord::modifierTwice($text, $part, $offset);
            }
            $modifiers = $modifiers->with($modifier);
            $offset += strlen($part) + 1;
        }

        return self::with(
            $modifiers,
            $character !== null
                ? Character::of($character)
                : Key::tryFrom($last) ?? throw UnreadableChord::notAKey($text, $last, $offset),
        );
    }

    /**
     * What a keyboard event says, as somebody on this system means it: the primary key is written as `Primary`.
     */
    public static function pressed(Key|Character $key, Modifiers $held, System $system): self
    {
        return self::with($held->writtenFrom($system), $key);
    }

    /** The written form, which is also the identity. */
    public function id(): string
    {
        return $this->id;
    }

    public function equals(self $other): bool
    {
        return $this->id === $other->id;
    }

    /** The same with the modifiers that are really held on this system: no `Primary` is left in it. */
    public function on(System $system): self
    {
        $held = $this->modifiers->on($system);

        return $held === $this->modifiers ? $this : new self($held, $this->key);
    }
}
