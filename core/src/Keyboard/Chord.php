<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * Modifiers and one key by position. Written as `Primary+Shift+KeyS`: modifiers in the order of
 * {@see Modifier}, then the key's code. That text is also the chord's identity.
 */
final readonly class Chord
{
    /** Kept, since every comparison and look-up asks for it. */
    private string $id;

    /** @param  Key  $key never a modifier key */
    private function __construct(public Modifiers $modifiers, public Key $key)
    {
        $parts = array_map(static fn (Modifier $modifier): string => $modifier->value, $modifiers->all());
        $this->id = implode('+', [...$parts, $key->value]);
    }

    public static function of(Key $key, Modifier ...$modifiers): self
    {
        return self::with(Modifiers::of(...$modifiers), $key);
    }

    public static function with(Modifiers $modifiers, Key $key): self
    {
        if ($key->modifier() !== null) {
            throw UnreadableChord::modifierAlone($key);
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
        $parts = explode('+', $text);
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

        return self::with($modifiers, Key::tryFrom($last) ?? throw UnreadableChord::notAKey($text, $last, $offset));
    }

    /**
     * What a keyboard event says, as somebody on this system means it: the primary key is written as `Primary`.
     */
    public static function pressed(Key $key, Modifiers $held, System $system): self
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

    /** The keys that are really pressed on this system: no `Primary` is left in it. */
    public function on(System $system): self
    {
        return new self($this->modifiers->on($system), $this->key);
    }
}
