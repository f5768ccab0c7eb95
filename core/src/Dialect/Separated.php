<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

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
}
