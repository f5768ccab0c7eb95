<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\UnreadableChord;

/**
 * A dialect's words for keys: letters and digits by themselves, keys of the number pad behind a prefix, a few words
 * of its own, and for the rest the key's code.
 */
final readonly class KeySpelling
{
    /** Keys of the writing block whose character depends on the layout. */
    private const TYPING =
        '/^(Key.|Digit.|Minus|Equal|Bracket(Left|Right)|Backslash|Semicolon|Quote|Backquote|Comma|Period|Slash|'.'Intl.+)$/';

    /** @param  array<string, Key>  $keys by spelling */
    private function __construct(private array $keys, private bool $isByCharacter)
    {
    }

    /** @param  array<string, string>  $own key codes by spelling */
    public static function of(array $own, string $pad, bool $lowerCase = false): self
    {
        return new self(self::words(Key::cases(), $own, $pad, $lowerCase), false);
    }

    /**
     * For files that name what is typed: a character stands for itself, and only keys that type none have words.
     *
     * @param  array<string, string>  $own key codes by spelling
     */
    public static function ofCharacters(array $own, string $pad): self
    {
        return new self(
            self::words(
                array_filter(Key::cases(), static fn (Key $key): bool => preg_match(self::TYPING, $key->value) !== 1),
                $own,
                $pad,
                true,
            ),
            true,
        );
    }

    /**
     * @param  array<Key>  $keys
     * @param  array<string, string>  $own
     * @return array<string, Key>
     */
    private static function words(array $keys, array $own, string $pad, bool $lowerCase): array
    {
        $words = [];
        foreach ($keys as $key) {
            $word =
                (string) (array_search($key->value, $own, true) ?:
                preg_replace(['/^(Key|Digit)(?=.$)/', '/^Numpad/'], ['', $pad], $key->value));
            $words[$lowerCase ? strtolower($word) : $word] = $key;
        }

        return $words;
    }

    public function key(string $spelling): Key|Character|null
    {
        $isOneCharacter = $this->isByCharacter && preg_match('/^\X$/u', $spelling) === 1;

        return $this->keys[$spelling] ?? ($isOneCharacter ? Character::of($spelling) : null);
    }

    /** @throws UnreadableChord for a key by position where the file names characters, and the other way round */
    public function spell(Key|Character $key): string
    {
        if ($key instanceof Character) {
            return $this->isByCharacter ? $key->value : throw UnreadableChord::onlyByPosition($key);
        }

        $word = array_search($key, $this->keys, true);

        return $word === false ? throw UnreadableChord::onlyByCharacter($key) : (string) $word;
    }
}
