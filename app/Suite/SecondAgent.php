<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class SecondAgent extends Refusal implements HasStatus
{
    public static function in(Suite $suite): self
    {
        return new self(
            "Another agent works for {$suite->name} with this token.",
            'End one of the two; the other goes on by itself a minute later. Each workstation needs a token of its own.',
        );
    }

    public function kind(): string
    {
        return 'second-agent';
    }

    public function status(): int
    {
        return 409;
    }
}
