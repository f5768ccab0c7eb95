<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Markdown: a heading for the keymap and for each group, a table in each. What Markdown would read as its own signs is escaped. */
final class MarkdownLists
{
    /** @param  list<KeyList>  $lists */
    public static function write(array $lists): string
    {
        return implode("\n", array_map(self::one(...), $lists));
    }

    private static function one(KeyList $list): string
    {
        $text = '# '.self::escaped("{$list->application}: {$list->keymap}")."\n";
        $hasContext = $list->grouping !== Grouping::Context;
        foreach ($list->groups as $group) {
            $text .= "\n## ".self::escaped($group->name)."\n\n";
            $text .= $hasContext ? "| chord | command | context |\n|---|---|---|\n" : "| chord | command |\n|---|---|\n";
            foreach ($group->commands as $command) {
                $cells = [$command->chords(), $command->name, ...$hasContext ? [$command->context] : []];
                $text .= '| '.implode(' | ', array_map(self::escaped(...), $cells))." |\n";
            }
        }

        return $text;
    }

    private static function escaped(string $text): string
    {
        return (string) preg_replace('/[\\\\`*_{}\[\]<>()#+\-.!|~]/', '\\\\$0', $text);
    }
}
