<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Binding;

/** What dialects that write one binding a line have in common. */
final readonly class Lines
{
    /**
     * @return iterable<int, array{string, Span, Span}> by number, counted from 1: the text without its end, where it stands, and where the line with its end stands
     */
    public static function of(string $bytes): iterable
    {
        preg_match_all('/[^\r\n]*(?:\r\n|\n|\r|$)/', $bytes, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as $index => [$whole, $offset]) {
            $text = rtrim($whole, "\r\n");
            yield $index + 1 => [$text, new Span($offset, $offset + strlen($text)), new Span($offset, $offset + strlen($whole))];
        }
    }

    /**
     * Takes lines out, and puts new ones behind the last of their context.
     *
     * @param  list<Entry>  $removed
     * @param  array<string, non-empty-list<Binding>>  $added  by context
     * @param  callable(string, non-empty-list<Binding>): array{int, string}  $insertion  the byte offset for the bindings of a context, and their lines with their ends
     * @return list<TextEdit>
     */
    public static function edits(KeyFile $file, array $removed, array $added, callable $insertion): array
    {
        $edits = array_map(static fn (Entry $entry): TextEdit => TextEdit::removal($entry->at), $removed);
        // What goes into a part that is there comes before new parts, which may begin at the same place.
        $known = array_intersect_key($added, $file->insertAt);
        foreach ($known + $added as $context => $bindings) {
            [$offset, $text] = $insertion($context, $bindings);
            $edits[] = TextEdit::insertion($offset, self::fitted($file, $offset, $text));
        }

        return $edits;
    }

    /** Lines that come behind a last line without an end leave the file without one. */
    private static function fitted(KeyFile $file, int $offset, string $lines): string
    {
        $end = $file->lineEnd();
        $startsLine = $offset === 0 || in_array($file->bytes[$offset - 1], ["\n", "\r"], true);

        return $startsLine || ! str_ends_with($lines, $end) || $offset !== strlen($file->bytes) ? $lines : $end.substr($lines, 0, -strlen($end));
    }
}
