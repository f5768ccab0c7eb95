<?php

declare(strict_types=1);

namespace Standins\Described;

use DOMDocument;
use DOMElement;
use DOMText;

/**
 * A key file as a plain tree, read by what a description says of its shape. Each part is an array of `name`, `text` and `parts`. It is
 * written apart from the product's own reader, with PHP's own readers where there are any.
 *
 * @phpstan-type Part array{name: string|null, text: string|null, parts: list<mixed>}
 */
final class FileTree
{
    /** @return list<array{name: string|null, text: string|null, parts: list<mixed>}> */
    public static function of(string $bytes, array $dialect): array
    {
        $encoding = strtoupper(
            strtr($dialect['encoding'] ?? 'utf-8', ['latin-1' => 'ISO-8859-1', 'utf-16le' => 'UTF-16LE', 'utf-16be' => 'UTF-16BE']),
        );
        $text = (string) mb_convert_encoding($bytes, 'UTF-8', $encoding);
        $text = (string) preg_replace('/^\x{FEFF}/u', '', $text);
        $shape = $dialect['shape'];

        return match ($shape['kind'].($shape['syntax'] ?? '')) {
            'membersjson' => self::ofValue(json_decode($text, true, 70)),
            'membersyaml' => self::yaml($text),
            'elements' => self::elements($text, $shape['name_element'] ?? null),
            'calls' => self::calls($text, $shape['comments'] ?? []),
            default => self::lines($text, $shape),
        };
    }

    private static function part(?string $name, ?string $text, array $parts = []): array
    {
        return ['name' => $name, 'text' => $text, 'parts' => $parts];
    }

    private static function ofValue(mixed $value): array
    {
        $parts = [];
        foreach (is_array($value) ? $value : [] as $name => $inner) {
            $said = is_bool($inner) ? ($inner ? 'true' : 'false') : (is_scalar($inner) ? (string) $inner : null);
            $parts[] = self::part(array_is_list($value) ? null : (string) $name, $said, self::ofValue($inner));
        }

        return $parts;
    }

    /** Mappings and lists by indentation, with lists on one line. */
    private static function yaml(string $text): array
    {
        $lines = [];
        foreach (preg_split('/\R/', $text) ?: [] as $line) {
            $line = rtrim((string) preg_replace('/^(\s*)#.*$|(?<=\s)#(?=([^"\']*["\'][^"\']*["\'])*[^"\']*$).*$/', '', $line));
            if (trim($line) !== '' && ! in_array(trim($line), ['---', '...'], true)) {
                $lines[] = [strspn($line, ' '), ltrim($line)];
            }
        }

        return self::block($lines, 0, count($lines), 0);
    }

    private static function block(array $lines, int $from, int $to, int $indent): array
    {
        $parts = [];
        for ($at = $from; $at < $to; $at = $end) {
            [$column, $said] = $lines[$at];
            for ($end = $at + 1; $end < $to && $lines[$end][0] > $column; $end++);
            $inner = array_slice($lines, $at + 1, $end - $at - 1);
            if (preg_match('/^-\s+(.*)$/', $said, $found) === 1) {
                $item = self::entry($found[1]);
                $parts[] =
                    $item['name'] === null
                        ? self::part(null, $item['text'], $item['parts'])
                        : self::part(null, null, [$item, ...self::block($inner, 0, count($inner), 0)]);
            } else {
                $item = self::entry($said);
                $parts[] =
                    $item['text'] === null && $item['parts'] === []
                        ? self::part($item['name'], null, self::block($inner, 0, count($inner), 0))
                        : $item;
            }
        }

        // Of equal names the last is kept, as a map keeps it.
        $last = [];
        foreach ($parts as $index => $part) {
            $last[$part['name'] ?? "\0{$index}"] = $part;
        }

        return array_values($last);
    }

    private static function entry(string $said): array
    {
        if (preg_match('/^("(?:[^"\\\\]|\\\\.)*"|\'(?:[^\']|\'\')*\'|[^"\'\[{][^:]*?):(?:\s+(.*))?$/u', $said, $found) === 1) {
            $value = trim($found[2] ?? '');

            return str_starts_with($value, '[')
                ? self::part(self::scalar($found[1]), null, self::flow($value))
                : self::part(self::scalar($found[1]), $value === '' ? null : self::scalar($value));
        }

        return str_starts_with($said, '[') ? self::part(null, null, self::flow($said)) : self::part(null, self::scalar($said));
    }

    private static function flow(string $list): array
    {
        preg_match_all('/"(?:[^"\\\\]|\\\\.)*"|\'(?:[^\']|\'\')*\'|[^,\[\]]+/', trim($list, '[] '), $found);

        return array_map(
            static fn (string $one): array => self::part(null, self::scalar(trim($one))),
            array_values(array_filter($found[0], static fn (string $one): bool => trim($one) !== '')),
        );
    }

    private static function scalar(string $said): string
    {
        return match ($said[0] ?? '') {
            '"' => stripslashes(substr($said, 1, -1)),
            "'" => str_replace("''", "'", substr($said, 1, -1)),
            default => $said,
        };
    }

    private static function elements(string $text, ?string $nameElement): array
    {
        $document = new DOMDocument();
        $before = libxml_use_internal_errors(true);
        $isRead =
            stripos($text, '<!DOCTYPE') === false &&
            $document->loadXML((string) preg_replace('/^<\?xml.*?\?>/s', '', $text), LIBXML_NONET);
        libxml_use_internal_errors($before);

        return $isRead && $document->documentElement !== null ? [self::element($document->documentElement, $nameElement)] : [];
    }

    private static function element(DOMElement $element, ?string $nameElement): array
    {
        $parts = [];
        foreach ($element->attributes ?? [] as $attribute) {
            $parts[] = self::part('@'.$attribute->nodeName, $attribute->nodeValue);
        }
        $said = '';
        $name = null;
        foreach ($element->childNodes as $child) {
            if ($child instanceof DOMText) {
                $said .= $child->data;
            } elseif ($child instanceof DOMElement && $child->tagName === $nameElement) {
                $name = trim($child->textContent);
            } elseif ($child instanceof DOMElement) {
                $part = self::element($child, $nameElement);
                // Where names stand before values, a value without one is nobody's.
                $parts[] = match (true) {
                    $name !== null => ['name' => $name] + $part,
                    $nameElement !== null && $part['text'] !== null => ['name' => null] + $part,
                    default => $part,
                };
                $name = null;
            }
        }

        return self::part($element->tagName, trim($said) === '' ? null : trim($said), $parts);
    }

    private static function calls(string $text, array $comments): array
    {
        $lines = array_filter(preg_split('/\R/', $text) ?: [], static fn (string $line): bool => ! self::isComment($line, $comments));
        preg_match_all(
            '/([\p{L}_][\w.:-]*)\s*\(((?:"(?:[^"\\\\]|\\\\.)*"|\'(?:[^\'\\\\]|\\\\.)*\'|[^()"\'])*)\)/u',
            implode("\n", $lines),
            $found,
            PREG_SET_ORDER,
        );
        $calls = [];
        foreach ($found as [, $name, $inside]) {
            preg_match_all(
                '/\G\s*(?:([\p{L}_][\w-]*)\s*[:=]\s*)?("(?:[^"\\\\]|\\\\.)*"|\'(?:[^\'\\\\]|\\\\.)*\'|[^,]*)\s*(?:,|$)/u',
                $inside,
                $said,
                PREG_SET_ORDER,
            );
            $arguments = [];
            foreach (array_filter($said, static fn (array $one): bool => $one[0] !== '') as $index => $one) {
                $raw = trim($one[2]);
                $isQuoted = in_array($raw[0] ?? '', ['"', "'"], true);
                $arguments[] = self::part(
                    $one[1] === '' ? (string) ($index + 1) : $one[1],
                    $isQuoted ? stripslashes(substr($raw, 1, -1)) : $raw,
                );
            }
            $calls[] = self::part($name, null, $arguments);
        }

        return $calls;
    }

    private static function isComment(string $line, array $comments): bool
    {
        return array_filter($comments, static fn (string $mark): bool => str_starts_with(ltrim($line), $mark)) !== [];
    }

    /** Rows and pairs, with or without heads of sections. */
    private static function lines(string $text, array $shape): array
    {
        $parts = [];
        $section = null;
        $columns = null;
        $isTable = $shape['kind'] === 'table';
        foreach ($isTable && ($shape['quotes'] ?? false) ? self::records($text) : (preg_split('/\R/', $text) ?: []) as $line) {
            if (trim($line) === '' || self::isComment($line, $shape['comments'] ?? [])) {
                continue;
            }
            foreach ($isTable ? [] : $shape['comments'] ?? [] as $mark) {
                $line = (string) preg_replace('/\s'.preg_quote($mark, '/').'.*$/', '', $line);
            }
            [$open, $close] = $shape['section'] ?? ['', ''];
            $said = trim($line);
            if ($open.$close !== '' && str_starts_with($said, $open) && str_ends_with($said, $close)) {
                $parts[] = self::part(trim(substr($said, strlen($open), strlen($said) - strlen($open.$close))), null);
                $section = count($parts) - 1;

                continue;
            }
            $part = $isTable ? self::row($line, $shape, $columns) : self::pair($line, $shape['between'] ?? '=');
            if ($part !== null && $section !== null) {
                $parts[$section]['parts'][] = $part;
            } elseif ($part !== null) {
                $parts[] = $part;
            }
        }

        return $parts;
    }

    /** @return list<string> */
    private static function records(string $text): array
    {
        preg_match_all('/(?:"(?:[^"]|"")*"|[^"\r\n])+/', $text, $found);

        return $found[0];
    }

    private static function row(string $line, array $shape, ?array &$columns): ?array
    {
        $separator = $shape['separator'] ?? ',';
        $cells = match (true) {
            $separator === ' ' => preg_split('/[ \t]+/', trim($line)) ?: [],
            ($shape['quotes'] ?? false) && strlen($separator) === 1 => array_map(strval(...), str_getcsv($line, $separator, '"', '')),
            default => explode($separator, $line),
        };
        if ($columns === null && isset($shape['header'])) {
            $columns = array_map('trim', $cells);

            return null;
        }
        $parts = [];
        foreach ($cells as $index => $cell) {
            $parts[] = self::part($columns[$index] ?? (string) ($index + 1), $cell);
        }

        return self::part(null, null, $parts);
    }

    private static function pair(string $line, string $between): ?array
    {
        $at = strpos($line, $between, 1);

        return $at === false ? null : self::part(trim(substr($line, 0, $at)), trim(substr($line, $at + strlen($between))));
    }
}
