<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Refusal;

/** The bytes are not a key file of this application, and nothing of them was taken in. */
final class UnreadableKeyFile extends Refusal
{
    private const CHOOSE_ANOTHER = 'Choose the key file of this application, or export it there once more.';

    public static function tooLarge(int $bytes, int $most): self
    {
        return new self(
            sprintf('The file has %.1f MB; key files of up to %d MB are read.', $bytes / 1_000_000, $most / 1_000_000),
            self::CHOOSE_ANOTHER,
        );
    }

    public static function empty(): self
    {
        return new self('The file is empty.', self::CHOOSE_ANOTHER);
    }

    public static function encoding(string $found): self
    {
        return new self("The file is written in {$found}; this application reads UTF-8 only.", 'Save it as UTF-8 in a text editor and bring it in again.', 'line 1');
    }

    public static function notUtf8(int $line): self
    {
        return new self("Line {$line} has bytes that are not UTF-8 text.", 'Save the file as UTF-8 in a text editor and bring it in again.', "line {$line}");
    }

    public static function notText(int $line): self
    {
        return new self("Line {$line} has a zero byte: this is not text.", self::CHOOSE_ANOTHER, "line {$line}");
    }

    public static function malformed(string $what, int $line): self
    {
        return new self("The file breaks off or is damaged at line {$line}: {$what}.", 'Mend that line in a text editor, or export the file once more.', "line {$line}");
    }

    public static function documentType(int $line): self
    {
        return new self(
            "Line {$line} declares a document type. Key files have none, and one could make a small file grow without end, so it was not read.",
            'Take the <!DOCTYPE …> part out and bring the file in again.',
            "line {$line}",
        );
    }

    public static function otherFormat(string $wanted, string $found, int $line): self
    {
        return new self("A key file of this application has {$wanted} in line {$line}; this one has {$found}.", self::CHOOSE_ANOTHER, "line {$line}");
    }

    public function kind(): string
    {
        return 'unreadable-key-file';
    }
}
