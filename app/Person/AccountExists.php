<?php

declare(strict_types=1);

namespace App\Person;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class AccountExists extends Refusal implements HasStatus
{
    public static function at(string $email): self
    {
        return new self(
            "There is an account with the address {$email} already.",
            'Look for it in the list; it can be enabled again there.',
        );
    }

    public function kind(): string
    {
        return 'account-exists';
    }

    public function status(): int
    {
        return 409;
    }
}
