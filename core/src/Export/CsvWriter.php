<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Comma-separated values by RFC 4180: CR LF at the end of each record, quotes where a field needs them. */
final class CsvWriter
{
    /** @param  list<list<string>>  $records  the header first */
    public static function write(array $records): string
    {
        return implode(
            '',
            array_map(static fn (array $record): string => implode(',', array_map(self::field(...), $record))."\r\n", $records),
        );
    }

    private static function field(string $text): string
    {
        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
