<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Comma-separated values by RFC 4180: a header record, CR LF at the end of each, quotes where a field needs them. */
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
