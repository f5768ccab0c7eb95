<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class StaleFile extends Refusal implements HasStatus
{
    public static function in(Suite $suite, string $application): self
    {
        return new self(
            "The key file of {$application} in {$suite->name} is another one by now. Nothing was decided.",
            'Look at it again.',
            $application,
        );
    }

    public function kind(): string
    {
        return 'stale-file';
    }

    public function status(): int
    {
        return 409;
    }
}
