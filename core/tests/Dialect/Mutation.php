<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Dialect;

/** Damages a key file in a few places, as editors, transports and hands do. The seed is that of mt_rand(). */
final class Mutation
{
    /** What stands between words in the formats that are read, and what is at the edges of UTF-8. */
    public const SIGNS = [
        '{',
        '}',
        '[',
        ']',
        '"',
        "'",
        '\\',
        ',',
        ':',
        '=',
        '<',
        '>',
        '/',
        '&',
        ';',
        '#',
        '-',
        '(',
        ')',
        '!',
        '|',
        '*',
        "\n",
        "\r\n",
        "\r",
        "\t",
        ' ',
        'é',
        "\xFF",
        "\0",
        "\u{FEFF}",
        '<!--',
        ']]>',
        '\\u00',
        '&#x',
        '---',
        '""',
    ];

    public static function of(string $bytes): string
    {
        $sign = static fn (): string => self::SIGNS[mt_rand(0, count(self::SIGNS) - 1)];
        for ($times = mt_rand(1, 5); $times > 0; $times--) {
            $at = mt_rand(0, max(0, strlen($bytes) - 1));
            $bytes = match (mt_rand(0, 5)) {
                0 => substr_replace($bytes, $sign(), $at, mt_rand(0, 3)),
                1 => mt_rand(0, 9) === 0 ? substr($bytes, 0, $at + 1) : $bytes,
                2 => substr_replace($bytes, substr($bytes, $at, mt_rand(1, 300)), mt_rand(0, strlen($bytes)), 0),
                3 => substr_replace($bytes, chr(mt_rand(0, 255)), $at, 1),
                4 => substr_replace($bytes, str_repeat($sign(), mt_rand(1, 80)), $at, 0),
                default => substr_replace($bytes, '', $at, mt_rand(1, 80)),
            };
        }

        return $bytes;
    }
}
