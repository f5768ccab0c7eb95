<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Database\Connection;

/**
 * What stands in each table, in a line: the number of its rows and a digest over all of them, whatever their order. Two databases with
 * the same lines hold the same.
 *
 * @phpstan-type Digests array<string, array{rows: int, digest: string}>
 */
final readonly class TableDigests
{
    /** @return Digests by table */
    public static function of(Connection $database): array
    {
        $tables = $database->select("select table_name as name from information_schema.tables where table_schema = 'public' order by 1");
        $digests = [];
        foreach ($tables as $table) {
            $row = $database->selectOne(
                "select count(*) as rows, coalesce(md5(string_agg(line, '' order by line)), '') as digest
                    from (select md5(t::text) as line from \"{$table->name}\" t) lines",
            );
            $digests[(string) $table->name] = ['rows' => (int) $row->rows, 'digest' => (string) $row->digest];
        }

        return $digests;
    }

    /**
     * @param  Digests  $wanted
     * @param  Digests  $found
     * @return list<string> what is not alike, in words
     */
    public static function differences(array $wanted, array $found): array
    {
        $told = [];
        foreach ($wanted + $found as $table => $digests) {
            if (($wanted[$table] ?? null) !== ($found[$table] ?? null)) {
                $rows = static fn (?array $one): string => $one === null ? 'is missing' : "has {$one['rows']} rows";
                $told[] =
                    "{$table}: in the backup it ".$rows($wanted[$table] ?? null).', here it '.$rows($found[$table] ?? null).'.';
            }
        }

        return $told;
    }
}
