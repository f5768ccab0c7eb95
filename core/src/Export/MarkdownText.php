<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** Text within Markdown: what Markdown would read as its own signs is escaped. */
final class MarkdownText
{
    public static function escaped(string $text): string
    {
        return (string) preg_replace('/[\\\\`*_{}\[\]<>()#+\-.!|~]/', '\\\\$0', $text);
    }
}
