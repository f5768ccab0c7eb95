<?php

declare(strict_types=1);

namespace App\Account;

/**
 * Codes that change with time, from a secret that the person's device shares: RFC 6238 with its defaults (HMAC-SHA-1, steps of 30 seconds)
 * and six digits, as the programs that show such codes read them from an address (`otpauth:`).
 */
final readonly class TimeCodes
{
    public const DIGITS = 6;

    public const SECONDS = 30;

    private const SECRET_BYTES = 20;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @return string a new secret in base 32 (RFC 4648), without padding */
    public static function newSecret(): string
    {
        return self::toBase32(random_bytes(self::SECRET_BYTES));
    }

    public static function stepAt(int $timestamp): int
    {
        return intdiv($timestamp, self::SECONDS);
    }

    /** @param  string  $secret  in base 32 */
    public static function code(string $secret, int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), self::fromBase32($secret), true);
        // RFC 4226, 5.3: the last four bits say where the 31 bits stand that become the code.
        $offset = ord($hash[19]) & 0xF;
        $number = (unpack('N', substr($hash, $offset, 4))[1] ?? 0) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /**
     * @param  int  $after  the step of the last code that was used: no code is good twice
     * @return int|null the step that the code is of, up to one before or after now; null where it is of none
     */
    public static function stepOf(string $code, string $secret, int $timestamp, int $after): ?int
    {
        $now = self::stepAt($timestamp);
        foreach ([$now, $now - 1, $now + 1] as $step) {
            if ($step > $after && hash_equals(self::code($secret, $step), $code)) {
                return $step;
            }
        }

        return null;
    }

    /** What a device reads, as a link or as a square of dots. */
    public static function address(string $secret, string $house, string $account): string
    {
        $label = rawurlencode($house).':'.rawurlencode($account);

        return "otpauth://totp/{$label}?".http_build_query(['secret' => $secret, 'issuer' => $house], '', '&', PHP_QUERY_RFC3986);
    }

    public static function toBase32(string $bytes): string
    {
        $bits = implode('', array_map(static fn (string $byte): string => sprintf('%08b', ord($byte)), str_split($bytes)));

        return implode(
            '',
            array_map(static fn (string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5)),
        );
    }

    private static function fromBase32(string $text): string
    {
        $bits = implode(
            '',
            array_map(static fn (string $sign): string => sprintf('%05b', (int) strpos(self::ALPHABET, $sign)), str_split($text)),
        );
        $whole = substr($bits, 0, intdiv(strlen($bits), 8) * 8);

        return implode('', array_map(static fn (string $byte): string => chr((int) bindec($byte)), str_split($whole, 8)));
    }
}
