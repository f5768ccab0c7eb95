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
    public static function of(string $bytes, int $offset = 0): iterable
    {
        $length = strlen($bytes);
        for ($number = 1; $offset <= $length; $number++) {
            $to = $offset + strcspn($bytes, "\r\n", $offset);
            $next = $to + self::endLength($bytes, $to);
            yield $number => [substr($bytes, $offset, $to - $offset), new Span($offset, $to), new Span($offset, $next)];
            if ($next === $to) {
                return;
            }
            $offset = $next;
        }
    }

    /** How many bytes the line end has that stands at an offset; 0 where none stands there. */
    public static function endLength(string $bytes, int $offset): int
    {
        return match ($bytes[$offset] ?? '') {
            "\n" => 1,
            "\r" => ($bytes[$offset + 1] ?? '') === "\n" ? 2 : 1,
            default => 0,
        };
    }

    /** The text of one line without its end; empty for a line that is not there. */
    public static function text(string $bytes, int $number): string
    {
        foreach (self::of($bytes) as $line => [$text]) {
            if ($line === $number) {
                return $text;
            }
        }

        return '';
    }

    /** The text of the line in which an offset lies, without its end. */
    public static function around(string $bytes, int $offset): string
    {
        $from = $offset;
        while ($from > 0 && ! in_array($bytes[$from - 1], ["\n", "\r"], true)) {
            $from--;
        }

        return substr($bytes, $from, $offset - $from + strcspn($bytes, "\r\n", min($offset, strlen($bytes))));
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
        return substr_count($bytes, "\n") + substr_count($bytes, "\r") - substr_count($bytes, "\r\n");
    }

    /** The line end that the text uses first; a line feed where it has none. */
    public static function end(string $bytes): string
    {
        return preg_match(self::END, $bytes, $found) === 1 ? $found[0] : "\n";
    }

    /** Whether a line begins at an offset. */
    public static function startAt(string $bytes, int $offset): bool
    {
        return $offset === 0 || in_array($bytes[$offset - 1], ["\n", "\r"], true);
    }

    /** The beginning of the line where only blanks stand before the offset, else the offset itself. */
    public static function indentBefore(string $bytes, int $offset): int
    {
        $start = $offset;
        while ($start > 0 && in_array($bytes[$start - 1], [' ', "\t"], true)) {
            $start--;
        }

        return self::startAt($bytes, $start) ? $start : $offset;
    }

    /** A stretch with its indentation and its line end where nothing else stands on its lines, else the stretch itself. */
    public static function alone(string $bytes, Span $at): Span
    {
        $from = self::indentBefore($bytes, $at->from);
        $to = $at->to + strspn($bytes, " \t", $at->to);
        $end = self::endLength($bytes, $to);

        return self::startAt($bytes, $from) && ($end > 0 || $to === strlen($bytes)) ? new Span($from, $to + $end) : $at;
    }
}
