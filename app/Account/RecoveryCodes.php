<?php

declare(strict_types=1);

namespace App\Account;

/** Codes that open an account once each, where the device with the time codes is lost. */
final readonly class RecoveryCodes
{
    public const NUMBER = 10;

    /** @return list<string> as `abcde-fghjk` */
    public static function fresh(): array
    {
        return array_map(static fn (): string => ReadableCode::ofGroups(2), range(1, self::NUMBER));
    }

    /**
     * @param  list<string>  $codes
     * @return list<string>
     */
    public static function hashes(array $codes): array
    {
        return array_map(self::hash(...), $codes);
    }

    /**
     * @param  list<string>  $hashes
     * @return list<string>|null what is left once the code is used; null where it is none of them
     */
    public static function without(string $code, array $hashes): ?array
    {
        $hash = self::hash($code);

        return in_array($hash, $hashes, true) ? array_values(array_diff($hashes, [$hash])) : null;
    }

    /** They are drawn at random from 2^49, so a plain digest hides them well enough. */
    private static function hash(string $code): string
    {
        return hash('sha256', ReadableCode::plain($code));
    }
}
