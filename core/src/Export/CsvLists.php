<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Comma-separated values, with a header record. */
final readonly class CsvLists implements ListWriter
{
    private const HEADER = ['application', 'keymap', 'context', 'menu', 'command', 'tap', 'hold'];

    public function mediaType(): string
    {
        return 'text/csv; charset=utf-8; header=present';
    }

    public function extension(): string
    {
        return 'csv';
    }

    public function write(array $lists): string
    {
        $records = [self::HEADER];
        foreach ($lists as $list) {
            foreach ($list->groups as $group) {
                foreach ($group->commands as $command) {
                    $records[] = [
                        $list->application,
                        $list->keymap,
                        $command->context,
                        $command->menu,
                        $command->name,
                        implode(' or ', $command->taps),
                        implode(' or ', $command->holds),
                    ];
                }
            }
        }

        return CsvWriter::write($records);
    }
}
