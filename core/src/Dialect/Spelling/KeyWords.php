<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Spelling;

use Zebrafinch\Core\Keyboard\Character;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\UnreadableChord;

/**
 * What a key file calls a key: some words of its own, and for the rest what the description says of it.
 *
 * @phpstan-type KeyWordsData array{by?: string, words?: array<string, string>, rest?: string, pad?: string, case?: string}
 */
final readonly class KeyWords
{
    /** Keys of the writing block whose character depends on the layout. */
    private const TYPING =
        '/^(Key.|Digit.|Minus|Equal|Bracket(Left|Right)|Backslash|Semicolon|Quote|Backquote|Comma|Period|Slash|'.'Intl.+)$/';

    /**
     * @param  array<string, Key>  $keys  by word
     * @param  array<string, Key>  $folded  by word in lower case; empty where case matters
     * @param  array<string, string>  $words  to write, by key code
     */
    private function __construct(private array $keys, private array $folded, private array $words, private KeysBy $by)
    {
    }

    /** @param  KeyWordsData  $data */
    public static function fromData(array $data): self
    {
        $by = KeysBy::from($data['by'] ?? KeysBy::Position->value);
        $case = $data['case'] ?? 'exact';
        $keys = [];
        $words = [];
        foreach ($data['words'] ?? [] as $word => $code) {
            $key = Key::from($code);
            $keys[(string) $word] = $key;
            $words[$code] ??= (string) $word;
        }
        $rest = $by === KeysBy::Number ? 'all' : $data['rest'] ?? 'all';
        foreach (Key::cases() as $key) {
            if (isset($words[$key->value]) || ($by === KeysBy::Character && preg_match(self::TYPING, $key->value) === 1)) {
                continue;
            }
            $word = $by === KeysBy::Number ? self::number($key) : self::word($key, $rest, $data['pad'] ?? 'Numpad', $case);
            if ($word !== null && ! isset($keys[$word])) {
                $keys[$word] = $key;
                $words[$key->value] = $word;
            }
        }
        $folded = [];
        foreach ($case === 'exact' ? [] : $keys as $word => $key) {
            $folded[mb_strtolower((string) $word)] ??= $key;
        }

        return new self($keys, $folded, $words, $by);
    }

    private static function number(Key $key): ?string
    {
        $usage = $key->usage();

        return $usage === null ? null : (string) $usage;
    }

    /**
     * @param  string  $rest  `all` for every key by its code, without Key and Digit before letters and digits; `plain` for letters, digits
     *     and function keys only; `none`
     */
    private static function word(Key $key, string $rest, string $pad, string $case): ?string
    {
        $isPlain = preg_match('/^(Key.|Digit.|F\d+|Numpad\d)$/', $key->value) === 1;
        if ($rest === 'none' || ($rest === 'plain' && (! $isPlain || ($pad === '' && $key->isOnNumberPad())))) {
            return null;
        }
        $word = (string) preg_replace(['/^(Key|Digit)(?=.$)/', '/^Numpad/'], ['', $pad], $key->value);

        return $case === 'lower' ? strtolower($word) : $word;
    }

    public function key(string $word): Key|Character|null
    {
        if ($this->by === KeysBy::Number) {
            $word = preg_match('/^0[xX]([0-9A-Fa-f]{1,4})$/D', $word, $found) === 1 ? (string) hexdec($found[1]) : $word;
        }
        $isOneCharacter = $this->by === KeysBy::Character && preg_match('/^\X$/u', $word) === 1;

        return $this->keys[$word] ?? ($isOneCharacter ? Character::of($word) : $this->folded[mb_strtolower($word)] ?? null);
    }

    /**
     * @param  bool  $isHexadecimal  how a number is written
     *
     * @throws UnreadableChord for a key by position where the file names characters, the other way round, and for a key without a word
     */
    public function spell(Key|Character $key, bool $isHexadecimal = false): string
    {
        if ($key instanceof Character) {
            return $this->by === KeysBy::Character ? $key->value : throw UnreadableChord::onlyByPosition($key);
        }
        $word =
            $this->words[$key->value] ??
            throw $this->by === KeysBy::Character && preg_match(self::TYPING, $key->value) === 1
                ? UnreadableChord::onlyByCharacter($key)
                : UnreadableChord::noWordForKey($key);

        return $isHexadecimal && $this->by === KeysBy::Number ? sprintf('0x%02X', (int) $word) : $word;
    }
}
