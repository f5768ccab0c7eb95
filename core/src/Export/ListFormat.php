<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** What a list is written as. */
enum ListFormat: string
{
    case Text = 'text';
    case Csv = 'csv';
    case Markdown = 'markdown';
    case Page = 'page';

    public function mediaType(): string
    {
        return match ($this) {
            self::Text => 'text/plain; charset=utf-8',
            self::Csv => 'text/csv; charset=utf-8; header=present',
            self::Markdown => 'text/markdown; charset=utf-8',
            self::Page => 'text/html; charset=utf-8',
        };
    }

    public function extension(): string
    {
        return match ($this) {
            self::Text => 'txt',
            self::Csv => 'csv',
            self::Markdown => 'md',
            self::Page => 'html',
        };
    }

    /** @param  list<KeyList>  $lists */
    public function write(array $lists): string
    {
        return match ($this) {
            self::Text => TextLists::write($lists),
            self::Csv => CsvLists::write($lists),
            self::Markdown => MarkdownLists::write($lists),
            self::Page => PageLists::write($lists),
        };
    }
}
