<?php

declare(strict_types=1);

namespace App\Description;

use Zebrafinch\Core\Refusal;

final class NotProven extends Refusal
{
    public static function because(string $what): self
    {
        return new self("It cannot be used yet: {$what}.", 'Correct what was understood of the file, or finish what is missing.');
    }

    public static function slugTaken(string $name): self
    {
        return new self(
            "There is an application called {$name} already.",
            'Give it another name, or bring a new version of the one that is there.',
        );
    }

    public function kind(): string
    {
        return 'not-proven';
    }
}
