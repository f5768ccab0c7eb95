<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

/** Three bytes that some programs write before UTF-8 text (RFC 3629, section 6). They are no part of the text. */
final readonly class ByteOrderMark
{
    public const BYTES = "\xEF\xBB\xBF";

    /** How many bytes stand before the text. */
    public static function length(string $bytes): int
    {
        return str_starts_with($bytes, self::BYTES) ? strlen(self::BYTES) : 0;
    }

    public static function without(string $bytes): string
    {
        return substr($bytes, self::length($bytes));
    }
}
