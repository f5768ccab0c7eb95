<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** What a list is written as: the one list of formats. */
enum ListFormat: string
{
    case Text = 'text';
    case Csv = 'csv';
    case Markdown = 'markdown';
    case Page = 'page';

    public function writer(): ListWriter
    {
        return match ($this) {
            self::Text => new TextLists(),
            self::Csv => new CsvLists(),
            self::Markdown => new MarkdownLists(),
            self::Page => new PageLists(),
        };
    }
}
