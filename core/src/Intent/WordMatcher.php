<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** How well one typed word fits written ones: the same, its stem, its beginning, or a slip of the finger. Lengths are in bytes. */
final readonly class WordMatcher
{
    /** Words shorter than this must be typed without a slip. */
    private const LONG_ENOUGH_FOR_A_SLIP = 4;

    /** From this length on two slips are forgiven. */
    private const LONG_ENOUGH_FOR_TWO = 7;

    /** Words that join others and say nothing by themselves. */
    private const JOINING = [
        'a',
        'all',
        'an',
        'and',
        'as',
        'at',
        'by',
        'do',
        'for',
        'from',
        'how',
        'i',
        'in',
        'into',
        'is',
        'it',
        'its',
        'me',
        'my',
        'of',
        'on',
        'one',
        'or',
        'so',
        'that',
        'the',
        'this',
        'to',
        'what',
        'with',
    ];

    /** @return list<string> lower-case words */
    public static function words(string $text): array
    {
        return preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** @return list<string> the words that say something; all of them where none does */
    public static function sayingWords(string $text): array
    {
        $words = self::words($text);
        $saying = array_values(array_diff($words, self::JOINING));

        return $saying === [] ? $words : $saying;
    }

    public static function isJoining(string $word): bool
    {
        return in_array($word, self::JOINING, true);
    }

    /** The word without the endings that English gives it in a sentence. */
    public static function stem(string $word): string
    {
        $stem = (string) preg_replace(['/(?<=\w{3})(?:ies)$/', '/(?<=\w{3})(?:ing|ed|es|s)$/'], ['y', ''], $word, 1);

        // "cutting" and "zoomed" end in what their stem doubles or loses.
        return (string) preg_replace(['/([bdgmnprt])\1$/', '/e$/'], ['$1', ''], $stem);
    }

    private string $stem;

    private int $length;

    public function __construct(private string $typed)
    {
        $this->stem = self::stem($typed);
        $this->length = strlen($typed);
    }

    /**
     * From 0 (no fit) to 1 (the same word).
     *
     * @param  string  $stem  of the written word
     */
    public function fit(string $written, string $stem): float
    {
        if ($this->typed === $written) {
            return 1.0;
        }
        if ($this->stem === $stem) {
            return 0.9;
        }
        if (str_starts_with($written, $this->typed)) {
            return $this->length === 1 ? 0.3 : 0.5 + (0.35 * $this->length) / strlen($written);
        }
        if ($this->length < self::LONG_ENOUGH_FOR_A_SLIP || abs($this->length - strlen($written)) > 2) {
            return 0.0;
        }
        $slips = self::slips($this->typed, $written);

        return $slips <= ($this->length >= self::LONG_ENOUGH_FOR_TWO ? 2 : 1) ? 0.7 - 0.15 * $slips : 0.0;
    }

    /** Letters that were left out, put in or changed; two neighbours that changed places are one slip. */
    private static function slips(string $typed, string $written): int
    {
        $distance = levenshtein($typed, $written);
        if ($distance === 2 && strlen($typed) === strlen($written)) {
            $differing = array_keys(array_diff_assoc(str_split($typed), str_split($written)));
            $isSwap =
                count($differing) === 2 &&
                $differing[1] === $differing[0] + 1 &&
                $typed[$differing[0]] === $written[$differing[1]] &&
                $typed[$differing[1]] === $written[$differing[0]];

            return $isSwap ? 1 : 2;
        }

        return $distance;
    }
}
