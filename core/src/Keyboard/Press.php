<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * What fingers do at a seat: modifiers that are held, and one key. Chords that come to one press are the same thing there, however
 * they are written. A chord that no fingers can make at the seat comes to an impossible press, which is still told from others.
 */
final readonly class Press
{
    /**
     * @param  string  $id  equal exactly for equal presses of one seat; of a possible one that of its chord
     * @param  Chord|null  $made  by position and without `Primary`; null for an impossible press
     */
    private function __construct(public string $id, public ?Chord $made)
    {
    }

    /** @param  Chord  $made  by position and without `Primary` */
    public static function of(Chord $made): self
    {
        return new self($made->id(), $made);
    }

    public static function impossible(Chord $chord): self
    {
        return new self("?{$chord->id()}", null);
    }

    public function isPossible(): bool
    {
        return $this->made !== null;
    }
}
