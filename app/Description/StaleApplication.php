<?php

declare(strict_types=1);

namespace App\Description;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class StaleApplication extends Refusal implements HasStatus
{
    public static function now(int $version): self
    {
        return new self(
            "Somebody else has changed this application meanwhile; it is at version {$version}.",
            'Look at it as it is now, and say it again.',
        );
    }

    public function kind(): string
    {
        return 'stale-application';
    }

    public function status(): int
    {
        return 409;
    }
}
