<?php

declare(strict_types=1);

namespace App\Description;

/** Keeps what somebody has said of contexts and commands when they are proposed anew. */
final readonly class KnownBefore
{
    /**
     * @template T of array{id: string}
     *
     * @param  list<T>  $proposed
     * @param  mixed  $before  those that were there; they are known again by what the key file calls them
     * @return list<T> the proposed ones as they were before, and those that are in no file
     */
    public static function over(array $proposed, mixed $before): array
    {
        $known = [];
        foreach (is_array($before) ? $before : [] as $one) {
            $known[self::word($one)] = $one;
        }
        $result = [];
        $ids = [];
        foreach ($proposed as $one) {
            $old = $known[self::word($one)] ?? null;
            unset($known[self::word($one)]);
            $made = $old === null ? $one : [...$one, ...$old];
            $ids[$made['id']] = true;
            $result[] = $made;
        }
        // Those that stand in no key file, such as commands that only a menu has.
        foreach ($known as $one) {
            if (! isset($ids[$one['id']]) && ! isset($one['written'])) {
                $result[] = $one;
            }
        }

        return $result;
    }

    /** @param  array<string, mixed>  $one */
    private static function word(array $one): string
    {
        $written = $one['written'] ?? $one['id'];

        return is_array($written) ? implode("\0", $written) : (string) $written;
    }
}
