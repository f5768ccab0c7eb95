<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Csv;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;

/** Splits comma-separated text by RFC 4180 and remembers where each field stands. A bare line feed ends a record too. */
final readonly class CsvReader
{
    /**
     * @return iterable<int, array{
     *     list<array{string, Span}>,
     *     Span,
     * }> by the line each begins in: the decoded fields with their spans, quotes included, and the span of the record with its end
     *
     * @throws MalformedText for a quoted field that is not closed, or that goes on behind its closing quote
     */
    public static function of(string $bytes): iterable
    {
        $offset = ByteOrderMark::length($bytes);
        $line = 1;
        while ($offset < strlen($bytes)) {
            $from = $offset;
            $fields = [];
            do {
                $fields[] = self::field($bytes, $offset, $line);
                $offset = $fields[count($fields) - 1][1]->to;
                $isMore = ($bytes[$offset] ?? '') === ',';
                $offset += $isMore ? 1 : 0;
            } while ($isMore);
            preg_match('/\G(\r\n|\n|\r|$)/', $bytes, $end, 0, $offset);
            $offset += strlen($end[0] ?? '');
            yield $line => [$fields, new Span($from, $offset)];
            $line += Lines::ends(substr($bytes, $from, $offset - $from));
        }
    }

    /** @return array{string, Span} */
    private static function field(string $bytes, int $offset, int $line): array
    {
        if (($bytes[$offset] ?? '') !== '"') {
            preg_match('/\G[^,\r\n]*/', $bytes, $found, 0, $offset);
            $text = $found[0] ?? '';

            return [$text, new Span($offset, $offset + strlen($text))];
        }
        if (preg_match('/\G"((?:[^"]|"")*+)"(?=,|\r|\n|$)/D', $bytes, $found, 0, $offset) !== 1) {
            throw MalformedText::at($line, 'a field in quotes is not closed, or goes on behind its closing quote');
        }

        return [str_replace('""', '"', $found[1]), new Span($offset, $offset + strlen($found[0]))];
    }
}
