<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\TextEdit;

/** How files that have one binding a line are changed. */
final readonly class LineEdits
{
    /**
     * Takes lines out, and puts new ones behind the last of their context.
     *
     * @param  list<Entry>  $removed
     * @param  array<string, non-empty-list<Binding>>  $added  by context
     * @param  callable(string, non-empty-list<Binding>): array{
     *     int,
     *     string,
     * }  $insertion  the byte offset for the bindings of a context, and their lines with their ends
     * @return list<TextEdit>
     */
    public static function of(KeyFile $file, array $removed, array $added, callable $insertion): array
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

    /**
     * The same for tables, whose rows name their context and so may stand anywhere.
     *
     * @param  list<Entry>  $removed
     * @param  array<string, non-empty-list<Binding>>  $added  by context
     * @param  callable(Binding): string  $row  without its end
     * @return list<TextEdit>
     */
    public static function ofRows(KeyFile $file, array $removed, array $added, callable $row): array
    {
        return self::of(
            $file,
            $removed,
            $added,
            /** @param  non-empty-list<Binding>  $bindings */
            static fn (string $context, array $bindings): array => [
                $file->insertAt[$context] ?? $file->insertElse,
                implode('', array_map(static fn (Binding $one): string => $row($one).$file->lineEnd(), $bindings)),
            ],
        );
    }

    /** Lines that come behind a last line without an end leave the file without one. */
    private static function fitted(KeyFile $file, int $offset, string $lines): string
    {
        $end = Lines::end($file->bytes);
        $startsLine = $offset === 0 || in_array($file->bytes[$offset - 1], ["\n", "\r"], true);

        return $startsLine || ! str_ends_with($lines, $end) || $offset !== strlen($file->bytes)
            ? $lines
            : $end.substr($lines, 0, -strlen($end));
    }
}
