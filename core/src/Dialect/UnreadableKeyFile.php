<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\TextSize;

/** The bytes are not a key file of this application, and nothing of them was taken in. */
final class UnreadableKeyFile extends Refusal
{
    private const CHOOSE_ANOTHER = 'Choose the key file of this application, or export it there once more.';

    public static function tooLarge(int $bytes): self
    {
        return new self(
            'The file has '.TextSize::inWords($bytes).'; key files of up to '.TextSize::inWords().' are read.',
            self::CHOOSE_ANOTHER,
        );
    }

    public static function empty(): self
    {
        return new self('The file is empty.', self::CHOOSE_ANOTHER);
    }

    public static function encoding(string $found, string $wanted): self
    {
        return new self(
            "The file is written in {$found}; this application reads {$wanted} only.",
            "Save it as {$wanted} in a text editor and bring it in again.",
            'line 1',
        );
    }

    public static function notIn(string $encoding, int $line): self
    {
        return new self(
            "Line {$line} has bytes that are not {$encoding} text.",
            "Save the file as {$encoding} in a text editor and bring it in again.",
            "line {$line}",
        );
    }

    public static function tooMany(string $what, int $most): self
    {
        return new self('The file has more than '.number_format($most)." {$what}; that is no list of keys.", self::CHOOSE_ANOTHER);
    }

    public static function notText(int $line): self
    {
        return new self("Line {$line} has a zero byte: this is not text.", self::CHOOSE_ANOTHER, "line {$line}");
    }

    public static function because(MalformedText $error): self
    {
        return new self($error->getMessage(), $error->remedy, $error->where);
    }

    public static function nothingLikeBindings(): self
    {
        return new self(
            'Nothing in this file looks like keys and what they run.',
            'Choose another file: one that the application writes itself, with some keys in it.',
        );
    }

    public static function ofAnother(string $wanted, string $recognised): self
    {
        return new self(
            "This looks like a key file of {$recognised}, not of {$wanted}.",
            "Bring it in for {$recognised}, or choose the key file of {$wanted}.",
        );
    }

    public static function otherFormat(string $wanted, string $found, int $line): self
    {
        return new self(
            "A key file of this application has {$wanted} in line {$line}; this one has {$found}.",
            self::CHOOSE_ANOTHER,
            "line {$line}",
        );
    }

    public function kind(): string
    {
        return 'unreadable-key-file';
    }
}
