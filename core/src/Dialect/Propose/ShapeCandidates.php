<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;

/**
 * The shapes that a text could have, as data of a description.
 *
 * @phpstan-import-type ShapeData from \Zebrafinch\Core\Dialect\Description
 */
final readonly class ShapeCandidates
{
    private const MOST_LINES = 600;

    private const COMMENTS = ['#', '//', ';', '--', '%', '!', "'"];

    /** @return list<ShapeData> the likelier ones first */
    public static function of(string $text): array
    {
        $body = ltrim(ByteOrderMark::without($text));
        if (str_starts_with($body, '<')) {
            return self::elements($text);
        }
        $json = [['kind' => 'members', 'syntax' => 'json']];
        if (json_validate(ByteOrderMark::without($text))) {
            return $json;
        }
        $lines = self::lines($text);
        $comments = self::comments($lines);
        $content = array_values(array_filter($lines, static fn (string $line): bool => ! self::isComment($line, $comments)));
        if ($content === []) {
            return $json;
        }

        return [
            ...self::calls($content, $comments),
            ...self::yaml($content),
            ...self::tables($content, $comments),
            ...self::pairs($content, $comments),
            ...in_array($body[0] ?? '', ['{', '['], true) ? $json : [],
        ];
    }

    /** @return list<string> those that are not blank, as many as are looked at */
    private static function lines(string $text): array
    {
        $lines = [];
        foreach (Lines::of($text, ByteOrderMark::length($text)) as [$line]) {
            if (trim($line) !== '') {
                $lines[] = $line;
            }
            if (count($lines) >= self::MOST_LINES) {
                break;
            }
        }

        return $lines;
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function comments(array $lines): array
    {
        $found = [];
        foreach (self::COMMENTS as $mark) {
            $with = count(array_filter($lines, static fn (string $line): bool => str_starts_with(ltrim($line), $mark)));
            // What begins most lines is no comment.
            if ($with > 0 && $with <= max(1, count($lines) / 2)) {
                $found[] = $mark;
            }
        }

        return $found;
    }

    /** @param  list<string>  $comments */
    private static function isComment(string $line, array $comments): bool
    {
        foreach ($comments as $mark) {
            if (str_starts_with(ltrim($line), $mark)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<ShapeData> */
    private static function elements(string $text): array
    {
        $shapes = [['kind' => 'elements']];
        // Elements that come by turns, one with a name and one with its value.
        preg_match_all(
            '/<([\w:.-]++)[^<>]*+>([^<>]*+)<\/\1>\s*+<([\w:.-]++)[^<>]*+>[^<>]*+<\/\3>/',
            substr($text, 0, 400_000),
            $pairs,
            PREG_SET_ORDER,
        );
        $counts = [];
        foreach ($pairs as $pair) {
            if ($pair[1] !== $pair[3]) {
                $counts[$pair[1]] = ($counts[$pair[1]] ?? 0) + 1;
            }
        }
        arsort($counts);
        foreach (array_slice($counts, 0, 2, true) as $tag => $count) {
            if ($count > 1) {
                $shapes[] = ['kind' => 'elements', 'name_element' => (string) $tag];
            }
        }

        return $shapes;
    }

    /**
     * @param  list<string>  $content
     * @param  list<string>  $comments
     * @return list<ShapeData>
     */
    private static function calls(array $content, array $comments): array
    {
        $calls = count(
            array_filter($content, static fn (string $line): bool => preg_match('/^\s*[\p{L}_][\w.:-]*\s*\(.*\)\s*;?\s*$/u', $line) === 1),
        );

        return $calls >= count($content) * 0.5 ? [['kind' => 'calls', 'comments' => $comments]] : [];
    }

    /**
     * @param  list<string>  $content
     * @return list<ShapeData>
     */
    private static function yaml(array $content): array
    {
        $like = count(
            array_filter(
                $content,
                static fn (string $line): bool => preg_match(
                    '/^\s*(- )*("[^"]*"|\'[^\']*\'|[^\s:{}\[\]][^:{}\[\]]*):(\s.*)?$|^\s*- \S/',
                    $line,
                ) === 1,
            ),
        );
        $opens = count(array_filter($content, static fn (string $line): bool => preg_match('/^[^:]+:\s*$/', $line) === 1));

        return $like >= count($content) * 0.8 && $opens > 0 ? [['kind' => 'members', 'syntax' => 'yaml']] : [];
    }

    /**
     * @param  list<string>  $content
     * @param  list<string>  $comments
     * @return list<ShapeData>
     */
    private static function tables(array $content, array $comments): array
    {
        $section = self::section($content);
        $rows = array_values(array_filter($content, static fn (string $line): bool => ! self::isHead($line, $section)));
        $shapes = [];
        foreach (["\t", ';', ',', '|', ' '] as $separator) {
            $counts = array_map(
                static fn (string $line): int => $separator === ' '
                    ? count(preg_split('/[ \t]+/', trim($line)) ?: [])
                    : substr_count((string) preg_replace('/"(?:[^"]|"")*"/', '', $line), $separator) + 1,
                $rows,
            );
            $most = $counts === [] ? [] : array_count_values($counts);
            arsort($most);
            $columns = (int) array_key_first($most);
            if ($columns < 2 || ($separator === ' ' && $columns < 3) || reset($most) < count($rows) * 0.7) {
                continue;
            }
            $shape = ['kind' => 'table', 'separator' => $separator, 'quotes' => $separator !== ' ', 'comments' => $comments];
            $shape += $section === null ? [] : ['section' => $section];
            $first = array_map(static fn (string $one): string => trim($one, " \t\""), explode($separator, $rows[0] ?? ''));
            $isHeader = $separator !== ' ' && count(array_unique($first)) === count($first) && ! in_array('', $first, true);
            $shapes = [...$shapes, ...$isHeader ? [$shape + ['header' => $first]] : [], $shape];
        }

        return $shapes;
    }

    /**
     * @param  list<string>  $content
     * @param  list<string>  $comments
     * @return list<ShapeData>
     */
    private static function pairs(array $content, array $comments): array
    {
        $section = self::section($content);
        $lines = array_values(array_filter($content, static fn (string $line): bool => ! self::isHead($line, $section)));
        $shapes = [];
        foreach (['=>', '->', '<-', ':=', '::', '=', ':', "\t", '|'] as $between) {
            $with = count(array_filter($lines, static fn (string $line): bool => (int) strpos($line, $between) > 0));
            if ($lines !== [] && $with >= count($lines) * 0.6) {
                $shapes[] =
                    ['kind' => 'lines', 'between' => $between, 'comments' => $comments] +
                    ($section === null ? [] : ['section' => $section]);
            }
        }

        return $shapes;
    }

    /**
     * What stands around the names of sections.
     *
     * @param  list<string>  $content
     * @return array{string, string}|null
     */
    private static function section(array $content): ?array
    {
        $counts = [];
        foreach ($content as $line) {
            if (preg_match('/^([\[{(<*=~-]+ ?)[\p{L}\p{N}][^=:,]*?( ?[\]})>*=~-]+)$/u', trim($line), $found) === 1) {
                $counts["{$found[1]}\0{$found[2]}"] = ($counts["{$found[1]}\0{$found[2]}"] ?? 0) + 1;
            }
        }
        arsort($counts);
        $most = array_key_first($counts);
        if ($most === null) {
            return null;
        }
        [$open, $close] = [...explode("\0", (string) $most), ''];

        return [$open, $close];
    }

    /** @param  array{string, string}|null  $section */
    private static function isHead(string $line, ?array $section): bool
    {
        return $section !== null && str_starts_with(trim($line), $section[0]) && str_ends_with(trim($line), $section[1]);
    }
}
