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
    /** @param  array<string, Key>  $keys by spelling */
    private function __construct(private array $keys)
    {
    }

    /** @param  array<string, string>  $own key codes by spelling */
    public static function of(array $own, string $pad, bool $lowerCase = false): self
    {
        $keys = [];
        foreach (Key::cases() as $key) {
            $word = (string) (array_search($key->value, $own, true) ?: preg_replace(['/^(Key|Digit)(?=.$)/', '/^Numpad/'], ['', $pad], $key->value));
            $keys[$lowerCase ? strtolower($word) : $word] = $key;
        }

        return new self($keys);
    }

    public function key(string $spelling): ?Key
    {
        return $this->keys[$spelling] ?? null;
    }

    /** @throws UnreadableChord for a character: these dialects name keys by position */
    public function spell(Key|Character $key): string
    {
        if ($key instanceof Character) {
            throw UnreadableChord::onlyByPosition($key);
        }

        return (string) array_search($key, $this->keys, true);
    }
}
