<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class NobodySits extends Refusal implements HasStatus
{
    public static function in(Suite $suite): self
    {
        return new self("Nobody sits in {$suite->name}.", 'The suite has what it follows; nothing has to be given back.');
    }

    public function kind(): string
    {
        return 'nobody-sits';
    }

    public function status(): int
    {
        return 409;
    }
}
