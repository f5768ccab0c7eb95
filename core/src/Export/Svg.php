<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** The parts that drawings in true millimetres are made of. */
final readonly class Svg
{
    /** A letter is about this much of its size wide. */
    public const LETTER = 0.53;

    /** A drawing whose units are millimetres. */
    public static function sheet(float $width, float $height, string $title, string $content): string
    {
        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" '.
                "width=\"%1\$smm\" height=\"%2\$smm\" viewBox=\"0 0 %1\$s %2\$s\">\n".
                "<title>%3\$s</title>\n<rect width=\"%1\$s\" height=\"%2\$s\" fill=\"#ffffff\"/>\n%4\$s\n</svg>\n",
            self::number($width),
            self::number($height),
            self::escaped($title),
            $content,
        );
    }

    public static function text(float $left, float $base, float $size, string $text, bool $isBold): string
    {
        return sprintf(
            '<text x="%s" y="%s" font-family="sans-serif" font-size="%s"%s>%s</text>',
            self::number($left),
            self::number($base),
            self::number($size),
            $isBold ? ' font-weight="bold"' : '',
            self::escaped($text),
        );
    }

    public static function box(float $left, float $top, float $width, float $height, float $radius, string $fill, float $stroke): string
    {
        return sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" rx="%s" fill="%s" stroke="#1e1e1c" stroke-width="%s"/>',
            self::number($left),
            self::number($top),
            self::number($width),
            self::number($height),
            self::number($radius),
            $fill,
            self::number($stroke),
        );
    }

    /**
     * The largest letters with which all names stand whole, no word broken, and the lines they then take.
     *
     * @param  list<string>  $names
     * @return array{float, list<string>} size in mm
     */
    public static function fitted(array $names, float $width, float $height, float $largest): array
    {
        for ($size = $largest; $size > 0.8; $size -= 0.1) {
            $letters = (int) floor($width / ($size * self::LETTER));
            $lines = array_merge(
                [],
                ...array_map(static fn (string $name): array => explode("\n", wordwrap($name, max(1, $letters))), $names),
            );
            $longest = max([0, ...array_map(mb_strlen(...), $lines)]);
            if ($longest <= $letters && count($lines) * $size * 1.08 <= $height) {
                return [$size, $lines];
            }
        }

        return [0.8, $names];
    }

    public static function number(float $millimetres): string
    {
        return rtrim(rtrim(number_format($millimetres, 3, '.', ''), '0'), '.');
    }

    public static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
    }
}
