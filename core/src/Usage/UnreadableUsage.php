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
