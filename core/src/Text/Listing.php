<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

/** Names in a sentence. */
final readonly class Listing
{
    /**
     * With commas between, and "and" before the last.
     *
     * @param  array<string>  $names
     */
    public static function and(array $names): string
    {
        return self::joined($names, 'and');
    }

    /** @param  array<string>  $names */
    public static function or(array $names): string
    {
        return self::joined($names, 'or');
    }

    /** @param  array<string>  $names */
    private static function joined(array $names, string $word): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." {$word} {$last}";
    }
}
