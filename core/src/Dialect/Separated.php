<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextEdit;

/** Parts with a sign between them, of which some go and others come: the signs stay right. */
final readonly class Separated
{
    /**
     * @param  list<Span>  $all  in file order, without the signs between them
     * @param  array<int, true>  $gone  by index
     * @return list<TextEdit>
     */
    public static function removals(array $all, array $gone): array
    {
        $last = -1;
        foreach (array_keys($all) as $index) {
            $last = isset($gone[$index]) ? $last : $index;
        }
        $edits = [];
        foreach (array_keys($gone) as $index) {
            // Before the last that stays the sign behind goes with it, after it the sign before.
            $next = $all[$index + 1] ?? $all[$index];
            $before = $all[$index - 1] ?? null;
            $edits[] = TextEdit::removal(
                $index < $last
                    ? new Span($all[$index]->from, $next->from)
                    : new Span($before->to ?? $all[$index]->from, $all[$index]->to),
            );
        }

        return $edits;
    }

    /**
     * @param  list<Span>  $all
     * @param  array<int, true>  $gone
     * @return Span|null the last that stays; null where none does
     */
    public static function lastLeft(array $all, array $gone): ?Span
    {
        for ($index = count($all) - 1; $index >= 0; $index--) {
            if (! isset($gone[$index])) {
                return $all[$index];
            }
        }

        return null;
    }

    /**
     * Takes parts out, and puts others behind those that are left, indented as they are.
     *
     * @param  Part  $holder  what they stand in
     * @param  list<Part>  $children  all that stand there, in file order
     * @param  array<int, true>  $gone  by index
     * @param  list<string>  $texts  with the blanks before them
     * @param  bool  $isLine  whether these have lines of their own where nothing stood before
     * @return list<TextEdit>
     */
    public static function changes(
        string $text,
        Part $holder,
        array $children,
        array $gone,
        array $texts,
        Sample $sample,
        bool $isLine = true,
    ): array {
        $spans = array_map(static fn (Part $one): Span => $one->at(), $children);
        $edits = self::removals($spans, $gone);
        if ($texts === []) {
            return $edits;
        }
        $end = Lines::end($text);
        $texts = array_map(static fn (string $one): string => str_replace($sample->lineEnd(), $end, $one), $texts);
        $model = $children[count($children) - 1] ?? null;
        if ($model !== null) {
            $blanks = substr($text, $model->from, strspn($text, " \t\r\n", $model->from));
            $texts = array_map(static fn (string $one): string => $blanks.ltrim($one, " \t\r\n"), $texts);
        }
        $left = self::lastLeft($spans, $gone);
        $inside = $children === [] ? $holder->end - strlen(self::blanksBefore($text, $holder->end)) : $spans[0]->from;
        $isOneLine =
            $children === [] &&
            ! str_contains(self::blanksBefore($text, $holder->end), "\n") &&
            ! str_contains(self::blanksBefore($text, $holder->end), "\r");
        $edits[] = TextEdit::insertion(
            $left->to ?? $inside,
            ($left === null ? '' : ',').
                implode(',', $texts).
                ($isLine && $isOneLine ? str_replace($sample->lineEnd(), $end, $sample->closing()) : ''),
        );

        return $edits;
    }

    private static function blanksBefore(string $text, int $offset): string
    {
        $before = substr($text, 0, $offset);

        return substr($before, strlen(rtrim($before, " \t\r\n")));
    }
}
