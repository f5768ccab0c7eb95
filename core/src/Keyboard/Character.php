<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** What a chord asks for when it names no key but what is typed: one user-perceived character that is neither white space nor a control. */
final readonly class Character
{
    private function __construct(public string $value)
    {
    }

    /** @throws UnreadableChord */
    public static function of(string $value): self
    {
        if (preg_match('/^\X$/u', $value) !== 1 || preg_match('/[\p{Z}\p{C}]/u', $value) === 1) {
            throw UnreadableChord::notOneCharacter($value);
        }

        return new self($value);
    }
}
