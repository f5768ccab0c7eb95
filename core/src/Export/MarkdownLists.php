<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Markdown: a heading for the keymap and for each group, a table in each. */
final readonly class MarkdownLists implements ListWriter
{
    public function mediaType(): string
    {
        return 'text/markdown; charset=utf-8';
    }

    public function extension(): string
    {
        return 'md';
    }

    public function write(array $lists): string
    {
        return implode("\n", array_map(self::one(...), $lists));
    }

    private static function one(KeyList $list): string
    {
        $text = '# '.MarkdownText::escaped("{$list->application}: {$list->keymap}")."\n";
        $hasContext = $list->grouping !== Grouping::Context;
        foreach ($list->groups as $group) {
            $text .= "\n## ".MarkdownText::escaped($group->name)."\n\n";
            $text .= $hasContext ? "| chord | command | context |\n|---|---|---|\n" : "| chord | command |\n|---|---|\n";
            foreach ($group->commands as $command) {
                $cells = [$command->chords(), $command->name, ...$hasContext ? [$command->context] : []];
                $text .= '| '.implode(' | ', array_map(MarkdownText::escaped(...), $cells))." |\n";
            }
        }

        return $text;
    }
}
