<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Text\MalformedText;

final class UnreadableUsage extends Refusal
{
    /** @param  list<string>  $columns */
    public static function header(array $columns): self
    {
        return new self(
            'This is no usage log: its first line must be '.implode(',', $columns).'.',
            'Choose the log that an application or workstation wrote.',
            'line 1',
        );
    }

    public static function noColumns(): self
    {
        return new self('This is no usage log: its first line names no columns.', 'Choose a log with a line of column names above.');
    }

    public static function encoding(): self
    {
        return new self('This is no usage log: it is not text in UTF-8.', 'Choose the log that an application wrote, in UTF-8.');
    }

    public static function tooMuch(int $lines, int $commands): self
    {
        return new self(
            'The usage log has more than '.number_format($lines).' lines, or names more than '.number_format($commands).' commands.',
            'Bring the log of a shorter time.',
        );
    }

    public static function row(int $line, string $what): self
    {
        return new self("Line {$line} of the usage log: {$what}.", 'Correct the line, or leave it out.', "line {$line}");
    }

    public static function because(MalformedText $error): self
    {
        return new self($error->getMessage(), 'Correct the line, or leave it out.', $error->where);
    }

    public function kind(): string
    {
        return 'unreadable-usage';
    }
}
