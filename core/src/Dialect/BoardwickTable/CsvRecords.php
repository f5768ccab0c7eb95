<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\BoardwickTable;

use Zebrafinch\Core\Dialect\PlainText;
use Zebrafinch\Core\Dialect\Span;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;

/** Splits comma-separated text by RFC 4180 and remembers where each field stands. A bare line feed ends a record too. */
final readonly class CsvRecords
{
    /**
     * @return iterable<int, array{list<array{string, Span}>, Span}> by the line each begins in: the decoded fields with their places, quotes included, and the place of the record with its end
     *
     * @throws UnreadableKeyFile for a quoted field that is not closed, or that goes on behind its closing quote
     */
    public static function of(string $bytes): iterable
    {
        $offset = str_starts_with($bytes, PlainText::BYTE_ORDER_MARK) ? strlen(PlainText::BYTE_ORDER_MARK) : 0;
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
            $line += PlainText::lineEnds(substr($bytes, $from, $offset - $from));
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
            throw UnreadableKeyFile::malformed('a field in quotes is not closed, or goes on behind its closing quote', $line);
        }

        return [str_replace('""', '"', $found[1]), new Span($offset, $offset + strlen($found[0]))];
    }
}
