<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** How well a typed word fits a written one: the same, its beginning, or a slip of the finger. */
final readonly class WordMatcher
{
    /** Words shorter than this must be typed without a slip. */
    private const LONG_ENOUGH_FOR_A_SLIP = 4;

    /** @return list<string> lower-case words */
    public static function words(string $text): array
    {
        return preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** From 0 (no fit) to 1 (the same word). */
    public static function fit(string $typed, string $written): float
    {
        if ($typed === $written) {
            return 1.0;
        }
        if (str_starts_with($written, $typed)) {
            return mb_strlen($typed) === 1 ? 0.3 : 0.8;
        }
        if (mb_strlen($typed) < self::LONG_ENOUGH_FOR_A_SLIP) {
            return 0.0;
        }
        $slips = levenshtein($typed, $written);
        $allowed = mb_strlen($typed) >= 7 ? 2 : 1;

        return $slips <= $allowed ? 0.6 - 0.1 * $slips : 0.0;
    }
}
