<?php

declare(strict_types=1);

namespace App\Person;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class LastKeeper extends Refusal implements HasStatus
{
    public static function of(string $name): self
    {
        return new self(
            "{$name} is the only suite keeper who can sign in; without one nobody could look after the house.",
            'Make somebody else a suite keeper first.',
        );
    }

    public function kind(): string
    {
        return 'last-keeper';
    }

    public function status(): int
    {
        return 409;
    }
}
