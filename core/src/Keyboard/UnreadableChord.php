<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

use Zebrafinch\Core\Refusal;

final class UnreadableChord extends Refusal
{
    private const EXAMPLE = 'Write modifiers and one key joined by plus signs, such as Primary+Shift+KeyS.';

    public static function notAModifier(string $text, string $part, int $offset): self
    {
        return new self("\"{$part}\" in the chord \"{$text}\" is not a modifier.", self::EXAMPLE, self::at($offset));
    }

    public static function modifierTwice(string $text, string $part, int $offset): self
    {
        return new self("The chord \"{$text}\" names {$part} twice.", 'Name each modifier once.', self::at($offset));
    }

    public static function notAKey(string $text, string $part, int $offset): self
    {
        return new self("\"{$part}\" in the chord \"{$text}\" is not a key.", self::EXAMPLE, self::at($offset));
    }

    public static function modifierAlone(Key $key): self
    {
        return new self("{$key->value} only modifies other keys and cannot be a chord's key.", 'Hold it and press another key.');
    }

    /** @param  string  $spelling the chord as the key file has it */
    public static function unspeakable(string $spelling, string $why): self
    {
        return new self("The chord \"{$spelling}\" cannot be read: {$why}.", 'Correct the chord in the key file, or choose a chord here.');
    }

    public function kind(): string
    {
        return 'unreadable-chord';
    }

    private static function at(int $offset): string
    {
        return 'character '.($offset + 1);
    }
}
