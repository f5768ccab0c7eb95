<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

use Zebrafinch\Core\Text\Csv\CsvReader;
use Zebrafinch\Core\Text\MalformedText;

/** The first lines of a usage log that nobody has described yet: enough to point at its columns. */
final readonly class LogSample
{
    private const ROWS = 6;

    /**
     * @param  list<string>  $columns  as its first line names them
     * @param  list<list<string>>  $rows  the first few
     */
    private function __construct(public array $columns, public array $rows)
    {
    }

    /** @throws UnreadableUsage */
    public static function of(string $csv): self
    {
        if (! mb_check_encoding($csv, 'UTF-8') || str_contains($csv, "\0")) {
            throw UnreadableUsage::encoding();
        }
        $lines = [];
        try {
            foreach (CsvReader::of($csv) as [$fields]) {
                $lines[] = array_column($fields, 0);
                if (count($lines) > self::ROWS) {
                    break;
                }
            }
        } catch (MalformedText $error) {
            throw UnreadableUsage::because($error);
        }
        if ($lines === [] || $lines[0] === ['']) {
            throw UnreadableUsage::noColumns();
        }

        return new self($lines[0], array_slice($lines, 1));
    }
}
