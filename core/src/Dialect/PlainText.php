<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

/** Checks that every dialect written as UTF-8 text needs before it is read. */
final readonly class PlainText
{
    /** Key files are lists of some thousand lines; more than this is something else. */
    public const MOST_BYTES = 8_000_000;

    public const BYTE_ORDER_MARK = "\xEF\xBB\xBF";

    /** @throws UnreadableKeyFile */
    public static function check(string $bytes): void
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw UnreadableKeyFile::tooLarge(strlen($bytes), self::MOST_BYTES);
        }
        if (trim($bytes) === '' || $bytes === self::BYTE_ORDER_MARK) {
            throw UnreadableKeyFile::empty();
        }
        if (str_starts_with($bytes, "\xFF\xFE") || str_starts_with($bytes, "\xFE\xFF") || preg_match('/^(\x00[^\x00]|[^\x00]\x00)/', $bytes) === 1) {
            throw UnreadableKeyFile::encoding('UTF-16');
        }
        if (str_contains($bytes, "\0")) {
            throw UnreadableKeyFile::notText(self::lineAt($bytes, (int) strpos($bytes, "\0")));
        }
        if (! mb_check_encoding($bytes, 'UTF-8')) {
            throw UnreadableKeyFile::notUtf8(self::firstBadLine($bytes));
        }
    }

    /** The line in which an offset lies, counted from 1. */
    public static function lineAt(string $bytes, int $offset): int
    {
        return self::lineEnds(substr($bytes, 0, $offset)) + 1;
    }

    public static function lineEnds(string $bytes): int
    {
        return (int) preg_match_all('/\r\n|\n|\r/', $bytes);
    }

    private static function firstBadLine(string $bytes): int
    {
        foreach (preg_split('/\r\n|\n|\r/', $bytes) ?: [] as $index => $line) {
            if (! mb_check_encoding($line, 'UTF-8')) {
                return $index + 1;
            }
        }

        return 1;
    }
}
