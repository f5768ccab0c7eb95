<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

/** A text as it is written, beside what it says: escapes of JSON, YAML, XML and doubled quotes say one character with several. */
final readonly class EscapedText
{
    private const ESCAPE =
        '/\G(?:\\\\u[dD][89abAB][0-9A-Fa-f]{2}\\\\u[0-9A-Fa-f]{4}|\\\\u[0-9A-Fa-f]{4}|\\\\x[0-9A-Fa-f]{2}|\\\\.|'.
        '&[#\w]{1,10};|""|\'\')/su';

    private const NAMED = ['n' => "\n", 't' => "\t", 'r' => "\r", 'b' => "\x08", 'f' => "\x0C", '0' => "\0"];

    /**
     * Where each byte of what is said stands in what is written.
     *
     * @param  string  $written  quotes included
     * @return list<int>|null offsets in what is written, one more than what is said has bytes; null where the two do not fit
     */
    public static function offsets(string $written, string $said): ?array
    {
        $at = in_array($written[0] ?? '', ['"', "'"], true) ? 1 : 0;
        $offsets = [];
        $done = 0;
        while ($done < strlen($said)) {
            [$raw, $character] = self::next($written, $at, $said, $done);
            if ($character === '') {
                return null;
            }
            for ($byte = 0; $byte < strlen($character); $byte++) {
                $offsets[] = $at;
            }
            $at += strlen($raw);
            $done += strlen($character);
        }

        return [...$offsets, $at];
    }

    /** @return array{string, string} what stands there, and what of it is said; empty where it is something else */
    private static function next(string $written, int $at, string $said, int $done): array
    {
        if (preg_match(self::ESCAPE, $written, $found, 0, $at) === 1) {
            $character = self::decoded($found[0]);
            if ($character !== '' && substr_compare($said, $character, $done, strlen($character)) === 0) {
                return [$found[0], $character];
            }
        }
        $plain = $written[$at] ?? '';

        return $plain !== '' && $plain === $said[$done] ? [$plain, $plain] : ['', ''];
    }

    private static function decoded(string $escape): string
    {
        return match (true) {
            $escape === '""', $escape === "''" => $escape[0],
            $escape[0] === '&' => html_entity_decode($escape, ENT_XML1 | ENT_QUOTES, 'UTF-8'),
            ($escape[1] ?? '') === 'u' => is_string($text = json_decode("\"{$escape}\"")) ? $text : '',
            ($escape[1] ?? '') === 'x' => (string) mb_chr((int) hexdec(substr($escape, 2))),
            default => self::NAMED[$escape[1] ?? ''] ?? substr($escape, 1),
        };
    }
}
