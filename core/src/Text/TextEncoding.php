<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

/** How characters become bytes. Whatever a file is written in, its text is worked on as UTF-8, the byte order mark included. */
enum TextEncoding: string
{
    case Utf8 = 'utf-8';
    case Utf16LittleEndian = 'utf-16le';
    case Utf16BigEndian = 'utf-16be';
    case Latin1 = 'latin-1';

    /** What the first bytes say; null where they say nothing. */
    public static function marked(string $bytes): ?self
    {
        return match (true) {
            str_starts_with($bytes, ByteOrderMark::BYTES) => self::Utf8,
            str_starts_with($bytes, "\xFF\xFE") => self::Utf16LittleEndian,
            str_starts_with($bytes, "\xFE\xFF") => self::Utf16BigEndian,
            // Text begins with a sign of the first 256 characters, whose upper byte is 0.
            preg_match('/^[^\x00]\x00/', $bytes) === 1 => self::Utf16LittleEndian,
            preg_match('/^\x00[^\x00]/', $bytes) === 1 => self::Utf16BigEndian,
            default => null,
        };
    }

    /** @return string|null null where the bytes are not in this encoding, to the last of them */
    public function text(string $bytes): ?string
    {
        if ($this === self::Utf8) {
            return mb_check_encoding($bytes, 'UTF-8') ? $bytes : null;
        }
        $text = mb_convert_encoding($bytes, 'UTF-8', $this->label());

        return is_string($text) && $this->bytes($text) === $bytes ? $text : null;
    }

    /** @return string|null null where the text has a character that the encoding lacks */
    public function bytes(string $text): ?string
    {
        if ($this === self::Utf8) {
            return $text;
        }
        $bytes = mb_convert_encoding($text, $this->label(), 'UTF-8');

        return is_string($bytes) && mb_convert_encoding($bytes, 'UTF-8', $this->label()) === $text ? $bytes : null;
    }

    public function label(): string
    {
        return match ($this) {
            self::Utf8 => 'UTF-8',
            self::Utf16LittleEndian => 'UTF-16LE',
            self::Utf16BigEndian => 'UTF-16BE',
            self::Latin1 => 'ISO-8859-1',
        };
    }
}
