<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

use Zebrafinch\Core\Refusal;

final class UnknownCommand extends Refusal
{
    public static function named(string $id, string $application): self
    {
        return new self(
            "{$application} has no command \"{$id}\".",
            'Look the command up by a word of its name and choose it from the list.',
            "command {$id}",
        );
    }

    public function kind(): string
    {
        return 'unknown-command';
    }
}
