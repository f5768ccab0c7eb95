<?php

declare(strict_types=1);

namespace App\Journal;

use Generator;
use Zebrafinch\Core\Export\CsvWriter;

/** The journal as a table for other programs: CSV (RFC 4180), a line at a time. */
final readonly class JournalTable
{
    private const HEAD = ['number', 'at (UTC)', 'person', 'person name', 'address', 'kind', 'of', 'id', 'name', 'details'];

    /** @return Generator<int, string> */
    public function lines(JournalSearch $search): Generator
    {
        yield self::line(self::HEAD);
        foreach ($search->entries()->lazyByIdDesc(500) as $entry) {
            yield self::line([
                (string) $entry->id,
                $entry->at->format('Y-m-d H:i:s'),
                (string) $entry->user_id,
                $entry->user->name ?? '',
                (string) $entry->address,
                $entry->kind,
                (string) $entry->subject_kind,
                (string) $entry->subject_id,
                (string) $entry->subject,
                json_encode($entry->details, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ]);
        }
    }

    /** @param  list<string>  $cells */
    private static function line(array $cells): string
    {
        // A spreadsheet would take these for a formula.
        $safe = array_map(static fn (string $cell): string => preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell, $cells);

        return CsvWriter::write([$safe]);
    }
}
