<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text;

use Zebrafinch\Core\Refusal;

/** A text is not in the form that it is read as. */
final class MalformedText extends Refusal
{
    /** @param  int  $line  counted from 1 */
    public static function at(int $line, string $what): self
    {
        return new self(
            "The file breaks off or is damaged at line {$line}: {$what}.",
            'Mend that line in a text editor, or export the file once more.',
            "line {$line}",
        );
    }

    public static function documentType(int $line): self
    {
        return new self(
            "Line {$line} declares a document type. Key files have none, and one could make a small file grow without end, ".
                'so it was not read.',
            'Take the <!DOCTYPE …> part out and bring the file in again.',
            "line {$line}",
        );
    }

    public static function encoding(string $declared): self
    {
        return new self(
            "The file says that it is written in {$declared}; only UTF-8 is read.",
            'Save it as UTF-8 in a text editor and bring it in again.',
            'line 1',
        );
    }

    public function kind(): string
    {
        return 'malformed-text';
    }
}
