<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class NoReportedFile extends Refusal implements HasStatus
{
    public static function of(Suite $suite, string $application): self
    {
        return new self(
            "{$suite->name} has reported no key file of {$application}.",
            'Wait until its agent has told what is there, or let the suite follow a preset.',
        );
    }

    public function kind(): string
    {
        return 'no-reported-file';
    }

    public function status(): int
    {
        return 404;
    }
}
