<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;

/**
 * What a heap of texts says about how chords are spelled, if they are chords at all.
 *
 * @phpstan-import-type ChordSpellingData from \Zebrafinch\Core\Dialect\Spelling\ChordSpelling
 */
final readonly class SpellingGuess
{
    private const BETWEEN = ['+', ' + ', '-', '_', ' ', '/', '.', '&', '|', '~', ':'];

    /** Letters that stand for modifiers where they stand side by side. */
    private const LETTERS = [
        'c' => 'Control',
        's' => 'Shift',
        'a' => 'Alt',
        'o' => 'Alt',
        'm' => 'Meta',
        'w' => 'Meta',
        'g' => 'AltGraph',
        'p' => 'Primary',
    ];

    /** How many texts show which form it is. */
    private const SOME = 200;

    private const UNBOUND = [
        '',
        'none',
        'nothing',
        'null',
        '~',
        'unbound',
        'unassigned',
        'not set',
        'n/a',
        '<none>',
        '(none)',
        'keine',
        'aucun',
    ];

    /**
     * @param  float  $share  how much of what is bound could be read, 0 to 1
     * @param  int  $held  how many texts name modifiers
     * @param  ChordSpellingData  $data
     */
    private function __construct(public float $share, public int $held, public int $read, public array $data)
    {
    }

    public static function isUnbound(string $text): bool
    {
        return in_array(mb_strtolower(trim($text)), self::UNBOUND, true);
    }

    /**
     * Whole chords.
     *
     * @param  list<string>  $texts
     * @param  Meanings  $meanings  what somebody has said of words
     */
    public static function ofWhole(array $texts, Meanings $meanings): self
    {
        $bound = self::bound($texts);
        $best = self::joined($bound === [] ? [] : array_slice($bound, 0, 1), $texts, '+', $meanings);
        $some = array_slice($bound, 0, self::SOME);
        $sign = null;
        $isLetters = false;
        foreach (self::BETWEEN as $between) {
            $guess = self::joined($some, $texts, $between, $meanings);
            if ($sign === null || self::isBetter($best, $guess)) {
                [$best, $sign] = [$guess, $between];
            }
        }
        foreach ([':', '-', '_', '!', '.', '/', ''] as $mark) {
            $guess = self::letters($some, $texts, $mark, $meanings);
            if (self::isBetter($best, $guess)) {
                [$best, $sign, $isLetters] = [$guess, $mark, true];
            }
        }

        // What a few texts deny, thousands do not make good.
        if (count($bound) <= self::SOME || $best->share <= 0.5) {
            return $best;
        }

        return $isLetters || $sign === ''
            ? self::letters($bound, $texts, $sign, $meanings)
            : self::joined($bound, $texts, $sign, $meanings);
    }

    /**
     * @param  list<string>  $texts
     * @return list<string> each once
     */
    private static function bound(array $texts): array
    {
        return array_values(array_unique(array_filter($texts, static fn (string $one): bool => ! self::isUnbound($one))));
    }

    private static function isBetter(self $best, self $other): bool
    {
        return [round($other->share, 4), $other->held] > [round($best->share, 4), $best->held];
    }

    /**
     * @param  list<string>  $bound
     * @param  list<string>  $texts
     * @param  non-empty-string  $between
     */
    private static function joined(array $bound, array $texts, string $between, Meanings $meanings): self
    {
        $seen = new SeenWords($meanings);
        $read = 0;
        $held = 0;
        foreach ($bound as $text) {
            $text = trim($text);
            $cut = strlen($text) <= strlen($between) ? false : strrpos($text, $between, -1 - strlen($between));
            $words =
                $cut === false
                    ? []
                    : array_filter(
                        array_map(trim(...), explode($between, substr($text, 0, $cut))),
                        static fn (string $one): bool => $one !== '',
                    );
            $key = $cut === false ? $text : substr($text, $cut + strlen($between));
            // The blank may stand in the name of a key: Page Up.
            if ($seen->takes(array_values($words), $key) || ($between !== ' ' && $seen->takes([], $text))) {
                $read++;
                $held += $words === [] ? 0 : 1;
            }
        }

        return new self($bound === [] ? 0.0 : $read / count($bound), $held, $read, [
            'modifiers' => $seen->modifiers(),
            'between' => $between,
            'keys' => $seen->keys(),
            'unbound' => self::unbound($texts),
        ]);
    }

    /**
     * @param  list<string>  $bound
     * @param  list<string>  $texts
     */
    private static function letters(array $bound, array $texts, string $mark, Meanings $meanings): self
    {
        $seen = new SeenWords($meanings);
        $read = 0;
        $held = 0;
        $used = [];
        foreach ($bound as $text) {
            $text = trim($text);
            $form = '/^(['.implode('', array_keys(self::LETTERS)).']{1,4})'.preg_quote($mark, '/').'(.+)$/iu';
            if ($seen->takes([], $text)) {
                $read++;
            } elseif (
                preg_match($form, $text, $found) === 1 &&
                count(array_unique(str_split($found[1]))) === strlen($found[1]) &&
                $seen->takes([], $found[2])
            ) {
                $used += array_flip(str_split($found[1]));
                $read++;
                $held++;
            }
        }
        $words = [];
        foreach (array_keys($used) as $letter) {
            $words[(string) $letter] = $meanings->modifier((string) $letter)->value ?? self::LETTERS[strtolower((string) $letter)];
        }
        // Letters right before a key are taken for modifiers only where hardly anything else could be meant.
        $share = $bound === [] || ($mark === '' && $held < 3) ? 0.0 : $read / count($bound);

        return new self($held === 0 ? 0.0 : $share, $held, $read, [
            'modifiers' => SeenWords::withPrimary(['words' => $words, 'case' => 'exact'], $meanings),
            'between' => '',
            'before_key' => $mark,
            'keys' => $seen->keys(),
            'unbound' => self::unbound($texts),
        ]);
    }

    /**
     * Keys that stand apart from their modifiers, by words or by numbers.
     *
     * @param  list<string>  $texts
     */
    public static function ofKeys(array $texts, Meanings $meanings): self
    {
        $bound = self::bound($texts);
        $usages = [];
        foreach (Key::cases() as $key) {
            if ($key->usage() !== null) {
                $usages[$key->usage()] = true;
            }
        }
        $numbers = array_filter($bound, static fn (string $one): bool => preg_match('/^(\d{1,3}|0x[0-9a-f]{1,2})$/i', $one) === 1);
        $known = array_filter(
            $numbers,
            static fn (string $one): bool => isset($usages[ctype_digit($one) ? (int) $one : (int) hexdec($one)]),
        );
        $seen = new SeenWords($meanings);
        $read = 0;
        foreach ($bound as $text) {
            $read += $seen->takes([], $text) ? 1 : 0;
        }
        $isNumbers = count($known) > $read && count(array_unique($known)) > 3;
        $share = $bound === [] ? 0.0 : ($isNumbers ? count($known) : $read) / count($bound);

        return new self($share, 0, $isNumbers ? count($known) : $read, [
            'modifiers' => [],
            'keys' => $isNumbers ? ['by' => 'number'] : $seen->keys(),
            'unbound' => self::unbound($texts),
        ]);
    }

    /**
     * Modifiers that stand apart from their keys.
     *
     * @param  list<string>  $texts
     */
    public static function ofHeld(array $texts, Meanings $meanings): ?self
    {
        $filled = array_values(array_filter(array_map(trim(...), $texts), static fn (string $one): bool => $one !== '' && $one !== '-'));
        $none = in_array('-', array_map(trim(...), $texts), true) ? '-' : '';
        if ($filled === []) {
            return null;
        }
        if (array_filter($filled, static fn (string $one): bool => preg_match('/^(\d{1,2}|0x[0-9a-f]{1,2})$/i', $one) !== 1) === []) {
            $bits = $meanings->bits();

            return new self(1.0, count($filled), count($filled), ['modifiers' => ['bits' => $bits]]);
        }
        $best = null;
        foreach ([...self::BETWEEN, ''] as $between) {
            $words = [];
            $read = 0;
            foreach ($filled as $text) {
                $parts = $between === '' ? mb_str_split($text) : array_map(trim(...), explode($between, $text));
                $known = array_map(
                    static fn (string $one): ?Modifier => $meanings->modifier($one) ??
                        (TradeWords::modifier($one) ??
                            ($between === '' && isset(self::LETTERS[strtolower($one)])
                                ? Modifier::from(self::LETTERS[strtolower($one)])
                                : null)),
                    $parts,
                );
                if (! in_array(null, $known, true)) {
                    $read++;
                    foreach ($parts as $index => $word) {
                        $words[$word] = $known[$index]->value ?? '';
                    }
                }
            }
            $modifiers = SeenWords::withPrimary(['words' => $words, 'none' => $none, 'case' => 'any'], $meanings);
            $guess = new self($read / count($filled), $read, $read, ['modifiers' => $modifiers, 'between' => $between]);
            $best = $best === null || $guess->share > $best->share ? $guess : $best;
        }

        return $best;
    }

    /**
     * @param  list<string>  $texts
     * @return list<string>
     */
    private static function unbound(array $texts): array
    {
        $counts = array_count_values(array_filter(array_map(trim(...), $texts), self::isUnbound(...)));
        arsort($counts);

        return array_map(strval(...), array_keys($counts));
    }
}
