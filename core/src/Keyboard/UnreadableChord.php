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

    public static function notOneCharacter(string $text): self
    {
        return new self("\"{$text}\" is not one character that a key types.", "Write one character between apostrophes, such as '<'.");
    }

    public static function characterWithLevel(Character $character): self
    {
        return new self(
            "The chord for the character {$character->value} names Shift or AltGr too.",
            'Leave them out: a chord by character is pressed with whatever types the character.',
        );
    }

    public static function onlyByPosition(Character $character): self
    {
        return new self(
            "This application's key file names keys by where they are, and cannot say \"whatever types {$character->value}\".",
            'Choose a key instead.',
        );
    }

    public static function onlyByCharacter(Key $key): self
    {
        return new self(
            "This application's key file names keys by what they type, and cannot say \"the key {$key->value}\" whatever it types.",
            'Choose the character instead.',
        );
    }

    public static function onlyTap(): self
    {
        return new self("This application's key file cannot say that a key is held down: it has taps only.", 'Choose a tap.');
    }

    /** @param  list<string>  $names */
    public static function ambiguous(string $text, string $part, int $offset, array $names): self
    {
        return new self(
            "\"{$part}\" in the chord \"{$text}\" can be more than one key: ".implode(' or ', $names).'.',
            'Write the one that is meant.',
            self::at($offset),
        );
    }

    public static function typedOnlyWith(string $text, string $part, int $offset, string $how): self
    {
        return new self(
            "\"{$part}\" in the chord \"{$text}\" is no key of this layout; it is typed with {$how}.",
            "Write {$how}, or '{$part}' for the character wherever it is typed.",
            self::at($offset),
        );
    }

    public static function noWordFor(Modifier $modifier): self
    {
        return new self("This application's key file has no word for the modifier {$modifier->value}.", 'Choose a chord without it.');
    }

    public static function noWordForKey(Key $key): self
    {
        return new self(
            "It is not known what this application's key file calls the key {$key->value}.",
            "Choose another key, or add the word under Applications, in the application's spelling.",
        );
    }

    /** @param  string  $spelling the chord as the key file has it */
    public static function unspeakable(string $spelling, string $why): self
    {
        return new self(
            "The chord \"{$spelling}\" cannot be read: {$why}.",
            'Correct the chord in the key file, or choose a chord here.',
        );
    }

    public function kind(): string
    {
        return 'unreadable-chord';
    }

    /** @param  int  $offset  in bytes for written forms, which are ASCII up to there, in characters else */
    private static function at(int $offset): string
    {
        return 'character '.($offset + 1);
    }
}
