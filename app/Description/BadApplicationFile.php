<?php

declare(strict_types=1);

namespace App\Description;

use Zebrafinch\Core\Refusal;

final class BadApplicationFile extends Refusal
{
    public static function because(string $why): self
    {
        return new self(
            "This is not a file of an application: {$why}.",
            'Choose a file that was saved under Applications here or in another house.',
        );
    }

    public function kind(): string
    {
        return 'bad-application-file';
    }
}
