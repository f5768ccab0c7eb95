<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Plain text: chords in a column of their own, as wide as the longest of them. */
final readonly class TextLists implements ListWriter
{
    private const WIDEST = 34;

    private const NO_CHORD = '–';

    public function mediaType(): string
    {
        return 'text/plain; charset=utf-8';
    }

    public function extension(): string
    {
        return 'txt';
    }

    public function write(array $lists): string
    {
        return implode("\n", array_map(self::one(...), $lists));
    }

    private static function one(KeyList $list): string
    {
        $title = "{$list->application}: {$list->keymap}";
        $lines = [$title, str_repeat('=', mb_strlen($title))];
        $width = self::width($list);
        foreach ($list->groups as $group) {
            array_push($lines, '', $group->name, str_repeat('-', mb_strlen($group->name)));
            foreach ($group->commands as $command) {
                $chords = $command->chords() === '' ? self::NO_CHORD : $command->chords();
                $beside = $list->grouping === Grouping::Context ? '' : " ({$command->context})";
                $lines[] = $chords.str_repeat(' ', max(2, $width - mb_strlen($chords))).$command->name.$beside;
            }
        }

        return implode("\n", $lines)."\n";
    }

    private static function width(KeyList $list): int
    {
        $widest = 0;
        foreach ($list->groups as $group) {
            foreach ($group->commands as $command) {
                $widest = max($widest, mb_strlen($command->chords()));
            }
        }

        return min($widest, self::WIDEST) + 2;
    }
}
