<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

/** How large a file may be that somebody brings. */
final readonly class TextSize
{
    /** Key files and logs are lists of some thousand lines; more than this is something else. */
    public const MOST_BYTES = 8_000_000;

    /** How deep parts may stand in one another. */
    public const DEEPEST = 64;

    /** In megabytes of a million bytes, as people are told. */
    public static function inWords(int $bytes = self::MOST_BYTES): string
    {
        return $bytes % 1_000_000 === 0 ? sprintf('%d MB', $bytes / 1_000_000) : sprintf('%.1f MB', $bytes / 1_000_000);
    }
}
