<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

/** The lines of a text, whichever of the three line ends it uses, and even when it mixes them. */
final readonly class Lines
{
    private const END = '/\r\n|\n|\r/';

    /**
     * @return iterable<int, array{string, Span, Span}> by number, counted from 1: the text without its end, where it stands,
     *                                                  and where the line with its end stands
     */
    public static function of(string $bytes): iterable
    {
        preg_match_all('/[^\r\n]*(?:\r\n|\n|\r|$)/', $bytes, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as $index => [$whole, $offset]) {
            $text = rtrim($whole, "\r\n");
            yield $index + 1 => [$text, new Span($offset, $offset + strlen($text)), new Span($offset, $offset + strlen($whole))];
        }
    }

    /** The text of one line without its end; empty for a line that is not there. */
    public static function text(string $bytes, int $number): string
    {
        return self::split($bytes)[$number - 1] ?? '';
    }

    /** How many lines there are; ends behind the last text do not begin another. */
    public static function count(string $bytes): int
    {
        return self::ends(rtrim($bytes, "\r\n")) + 1;
    }

    /** The line in which an offset lies, counted from 1. */
    public static function at(string $bytes, int $offset): int
    {
        return self::ends(substr($bytes, 0, $offset)) + 1;
    }

    public static function ends(string $bytes): int
    {
        return (int) preg_match_all(self::END, $bytes);
    }

    /** The line end that the text uses first; a line feed where it has none. */
    public static function end(string $bytes): string
    {
        return preg_match(self::END, $bytes, $found) === 1 ? $found[0] : "\n";
    }

    /** @return list<string> without their ends */
    public static function split(string $bytes): array
    {
        return preg_split(self::END, $bytes) ?: [];
    }
}
