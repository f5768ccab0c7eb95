<?php

declare(strict_types=1);

namespace App\Account;

/** Codes that people read from one place and write in another: groups of five signs, without those that are taken for one another. */
final readonly class ReadableCode
{
    private const SIGNS = 'abcdefghjkmnpqrstuvwxyz23456789';

    private const GROUP = 5;

    /** @return string as `abcde-fghjk`, of about 25 bits a group */
    public static function ofGroups(int $groups): string
    {
        $sign = static fn (): string => self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        $group = static fn (): string => implode('', array_map($sign, range(1, self::GROUP)));

        return implode('-', array_map($group, range(1, $groups)));
    }

    /** However it was written down: in capitals, with blanks, without the lines between. */
    public static function plain(string $code): string
    {
        return (string) preg_replace('/[^a-z0-9]/', '', strtolower($code));
    }
}
