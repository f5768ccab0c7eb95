<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Bounds;
use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\TextEncoding;
use Zebrafinch\Core\Text\TextSize;

/** The text of a key file, once it is known to be one. */
final readonly class KeyFileText
{
    /**
     * @return string UTF-8
     *
     * @throws UnreadableKeyFile
     */
    public static function of(string $bytes, TextEncoding $encoding): string
    {
        if (strlen($bytes) > TextSize::MOST_BYTES) {
            throw UnreadableKeyFile::tooLarge(strlen($bytes));
        }
        if (trim($bytes) === '' || $bytes === ByteOrderMark::BYTES) {
            throw UnreadableKeyFile::empty();
        }
        $marked = TextEncoding::marked($bytes);
        if ($marked !== null && $marked !== $encoding) {
            throw UnreadableKeyFile::encoding(preg_replace('/[LB]E$/', '', $marked->label()) ?? '', $encoding->label());
        }
        if ($encoding === TextEncoding::Utf8 && str_contains($bytes, "\0")) {
            throw UnreadableKeyFile::notText(Lines::at($bytes, (int) strpos($bytes, "\0")));
        }
        $text = $encoding->text($bytes);
        if ($text === null) {
            throw UnreadableKeyFile::notIn($encoding->label(), $encoding === TextEncoding::Utf8 ? self::firstBadLine($bytes) : 1);
        }
        if (str_contains($text, "\0")) {
            throw UnreadableKeyFile::notText(Lines::at($text, (int) strpos($text, "\0")));
        }
        if (Lines::ends($text) > Bounds::MOST_LINES) {
            throw UnreadableKeyFile::tooMany('lines', Bounds::MOST_LINES);
        }

        return $text;
    }

    private static function firstBadLine(string $bytes): int
    {
        foreach (Lines::of($bytes) as $number => [$line]) {
            if (! mb_check_encoding($line, 'UTF-8')) {
                return $number;
            }
        }

        return 1;
    }
}
