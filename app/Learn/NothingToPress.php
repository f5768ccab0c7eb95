<?php

declare(strict_types=1);

namespace App\Learn;

use Zebrafinch\Core\Refusal;

/** What is to be learned has no chord. */
final class NothingToPress extends Refusal
{
    public static function for(string $command, string $application): self
    {
        return new self(
            "{$command} has no chord in {$application} that this keyboard can press.",
            'Give it one in Remap, then learn it.',
            $application,
        );
    }

    public function kind(): string
    {
        return 'nothing-to-press';
    }
}
