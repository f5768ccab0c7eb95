<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Closure;
use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\TextSize;

/** Checks that every dialect written as UTF-8 text needs before it is read. */
final readonly class KeyFileText
{
    /** @throws UnreadableKeyFile */
    public static function check(string $bytes): void
    {
        if (strlen($bytes) > TextSize::MOST_BYTES) {
            throw UnreadableKeyFile::tooLarge(strlen($bytes));
        }
        if (trim($bytes) === '' || $bytes === ByteOrderMark::BYTES) {
            throw UnreadableKeyFile::empty();
        }
        if (
            str_starts_with($bytes, "\xFF\xFE") ||
            str_starts_with($bytes, "\xFE\xFF") ||
            preg_match('/^(\x00[^\x00]|[^\x00]\x00)/', $bytes) === 1
        ) {
            throw UnreadableKeyFile::encoding('UTF-16');
        }
        if (str_contains($bytes, "\0")) {
            throw UnreadableKeyFile::notText(Lines::at($bytes, (int) strpos($bytes, "\0")));
        }
        if (! mb_check_encoding($bytes, 'UTF-8')) {
            throw UnreadableKeyFile::notUtf8(self::firstBadLine($bytes));
        }
    }

    /**
     * What a scanner makes of a key file.
     *
     * @template T
     *
     * @param  Closure(): T  $scan
     * @return T
     *
     * @throws UnreadableKeyFile
     */
    public static function scan(Closure $scan): mixed
    {
        try {
            return $scan();
        } catch (MalformedText $error) {
            throw UnreadableKeyFile::because($error);
        }
    }

    private static function firstBadLine(string $bytes): int
    {
        foreach (Lines::split($bytes) as $index => $line) {
            if (! mb_check_encoding($line, 'UTF-8')) {
                return $index + 1;
            }
        }

        return 1;
    }
}
