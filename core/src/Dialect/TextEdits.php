<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Text\TextEdit;

/** Makes edits of one text at once. */
final readonly class TextEdits
{
    /** @param  list<TextEdit>  $edits  that do not overlap; what is inserted where something goes comes after it */
    public static function apply(string $text, array $edits): string
    {
        $order = array_keys($edits);
        usort(
            $order,
            static fn (int $one, int $other): int => [$edits[$one]->at->from, $edits[$one]->at->to, $one] <=> [
                $edits[$other]->at->from,
                $edits[$other]->at->to,
                $other,
            ],
        );
        $result = '';
        $done = 0;
        foreach ($order as $index) {
            $edit = $edits[$index];
            $result .= substr($text, $done, max(0, $edit->at->from - $done)).$edit->text;
            $done = max($done, $edit->at->to);
        }

        return $result.substr($text, $done);
    }
}
