<?php

declare(strict_types=1);

namespace App\House;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class SetUpAlready extends Refusal implements HasStatus
{
    public static function house(): self
    {
        return new self('This house has its first keeper already.', 'Sign in, or ask the suite keeper for an invitation.');
    }

    public function kind(): string
    {
        return 'set-up-already';
    }

    public function status(): int
    {
        return 409;
    }
}
