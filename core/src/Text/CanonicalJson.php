<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

use JsonException;

/** JSON Canonicalization Scheme, RFC 8785: one text for one value, so that equal values have equal digests. */
final readonly class CanonicalJson
{
    /**
     * @param  mixed  $value  null, scalars, lists, and string-keyed arrays or stdClass objects of such; an empty array is an empty list
     *
     * @throws JsonException for invalid UTF-8, infinite numbers and objects of other classes
     */
    public static function of(mixed $value): string
    {
        return match (true) {
            $value instanceof \stdClass => self::object(get_object_vars($value)),
            is_array($value) && array_is_list($value) => '['.implode(',', array_map(self::of(...), $value)).']',
            is_array($value) => self::object($value),
            is_float($value) => self::number($value),
            is_scalar($value), $value === null => json_encode(
                $value,
                JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_LINE_TERMINATORS | JSON_THROW_ON_ERROR,
            ),
            default => throw new JsonException('Only plain values can be written as JSON; found '.get_debug_type($value).'.'),
        };
    }

    /** SHA-256 over the canonical text, in lower-case hex. */
    public static function digest(mixed $value): string
    {
        return hash('sha256', self::of($value));
    }

    /** @param  array<array-key, mixed>  $members */
    private static function object(array $members): string
    {
        $names = array_map(strval(...), array_keys($members));
        usort($names, static fn (string $one, string $other): int => strcmp(self::utf16($one), self::utf16($other)));

        return '{'.
            implode(',', array_map(static fn (string $name): string => self::of($name).':'.self::of($members[$name]), $names)).
            '}';
    }

    /** RFC 8785 sorts names by their UTF-16 code units. */
    private static function utf16(string $text): string
    {
        return mb_convert_encoding($text, 'UTF-16BE', 'UTF-8');
    }

    /** Numbers are written as ECMAScript does (RFC 8785, 3.2.2.3). */
    private static function number(float $number): string
    {
        if (! is_finite($number)) {
            throw new JsonException('JSON has no infinite numbers and no NaN.');
        }
        if ($number === 0.0) {
            return '0';
        }
        [$mantissa, $exponent] = explode('E', sprintf('%s', self::shortest($number)));
        $sign = str_starts_with($mantissa, '-') ? '-' : '';
        $digits = str_replace(['-', '.'], '', $mantissa);
        $point = (int) $exponent + 1;

        return $sign.
            match (true) {
                $point > 21 || $point < -5 => self::scientific($digits, $point - 1),
                $point <= 0 => '0.'.str_repeat('0', -$point).$digits,
                $point >= strlen($digits) => str_pad($digits, $point, '0'),
                default => substr($digits, 0, $point).'.'.substr($digits, $point),
            };
    }

    private static function scientific(string $digits, int $exponent): string
    {
        $fraction = strlen($digits) > 1 ? '.'.substr($digits, 1) : '';

        return $digits[0].$fraction.'e'.($exponent < 0 ? '-' : '+').abs($exponent);
    }

    /** The fewest digits that read back as the same number, as `d.dddE±x`. */
    private static function shortest(float $number): string
    {
        for ($digits = 0; $digits < 17; $digits++) {
            $text = sprintf('%.'.$digits.'E', $number);
            if ((float) $text === $number) {
                break;
            }
        }

        return $text;
    }
}
