<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** A page of its own to read and to print on A4: it needs nothing from anywhere else. */
final readonly class PageLists implements ListWriter
{
    private const STYLE = <<<'CSS'
    @page { size: A4; margin: 11mm; }
    body { font: 8.6pt/1.28 "Atkinson Hyperlegible", "DejaVu Sans", sans-serif; color: #1e1e1c; background: #fff; margin: 0; }
    h1 { font-size: 12pt; margin: 0 0 2mm; border-bottom: 0.7mm solid #1e1e1c; }
    h1 small { font-weight: 400; }
    .groups { columns: 3; column-gap: 6mm; }
    section { break-inside: auto; margin-bottom: 2.5mm; }
    h2 { font-size: 8.6pt; margin: 0 0 0.6mm; break-after: avoid; border-bottom: 0.2mm solid #55534e; }
    dl { margin: 0; }
    div { break-inside: avoid; display: flex; gap: 2mm; justify-content: space-between; border-bottom: 0.1mm solid #c6c3bc; }
    dt { min-width: 0; }
    dd { margin: 0; font-weight: 700; text-align: right; }
    dt small { color: #55534e; }
    article + article { break-before: page; }
    @media screen { body { max-width: 190mm; margin: 8mm auto; padding: 0 4mm; } }
    @media screen and (max-width: 600px) { .groups { columns: 1; } }
    CSS;

    public function mediaType(): string
    {
        return 'text/html; charset=utf-8';
    }

    public function extension(): string
    {
        return 'html';
    }

    public function write(array $lists): string
    {
        $title = self::escaped(implode(', ', array_map(static fn (KeyList $one): string => $one->application, $lists)));

        return "<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n".
            "<meta name=\"viewport\" content=\"width=device-width\">\n<title>Keys: {$title}</title>\n<style>\n".
            self::STYLE.
            "\n</style>\n</head>\n<body>\n".
            implode("\n", array_map(self::one(...), $lists)).
            "\n</body>\n</html>\n";
    }

    private static function one(KeyList $list): string
    {
        $groups = implode("\n", array_map(static fn (ListGroup $group): string => self::group($list, $group), $list->groups));
        $title = self::escaped($list->application).' <small>'.self::escaped($list->keymap).'</small>';

        return "<article>\n<h1>{$title}</h1>\n<div class=\"groups\" style=\"display:block;border:0\">\n{$groups}\n</div>\n</article>";
    }

    private static function group(KeyList $list, ListGroup $group): string
    {
        $rows = '';
        foreach ($group->commands as $command) {
            $beside = $list->grouping === Grouping::Context ? '' : ' <small>'.self::escaped($command->context).'</small>';
            $rows .=
                '<div><dt>'.self::escaped($command->name)."{$beside}</dt><dd>".self::escaped($command->chords())."</dd></div>\n";
        }

        return '<section><h2>'.self::escaped($group->name)."</h2><dl>\n{$rows}</dl></section>";
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
    }
}
