<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Comma-separated values, with a header record. */
final class CsvLists
{
    private const HEADER = ['application', 'keymap', 'context', 'menu', 'command', 'tap', 'hold'];

    /** @param  list<KeyList>  $lists */
    public static function write(array $lists): string
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
