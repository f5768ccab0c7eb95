<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\TextEdit;

/** Lines put into a file with the line ends that it has; beside something that has no line to itself they get none either. */
final readonly class InsertedLines
{
    /** @param  string  $end  of the lines as they are given */
    public static function at(string $text, int $offset, string $lines, string $end): TextEdit
    {
        $own = Lines::end($text);
        $lines = str_replace($end, $own, $lines);
        if (Lines::startAt($text, $offset)) {
            return TextEdit::insertion($offset, $lines);
        }
        // Behind a last line without an end they leave the file without one.
        $fitted =
            $offset === strlen($text)
                ? $own.(str_ends_with($lines, $own) ? substr($lines, 0, -strlen($own)) : $lines)
                : (string) preg_replace('/[\r\n]+[ \t]*/', '', trim($lines));

        return TextEdit::insertion($offset, $fitted);
    }
}
