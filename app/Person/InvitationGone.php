<?php

declare(strict_types=1);

namespace App\Person;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class InvitationGone extends Refusal implements HasStatus
{
    public static function unknown(): self
    {
        return new self(
            'This invitation is not good any more: it was used, withdrawn, or is older than three days.',
            'Ask the suite keeper for a new one. If you have an account already, sign in.',
        );
    }

    public function kind(): string
    {
        return 'invitation-gone';
    }

    public function status(): int
    {
        return 410;
    }
}
