<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class SittingTaken extends Refusal implements HasStatus
{
    public static function by(string $person, Suite $suite): self
    {
        return new self("{$person} sits in {$suite->name}.", 'Ask them to leave, or take the seat over; what they found comes back first.');
    }

    public function kind(): string
    {
        return 'sitting-taken';
    }

    public function status(): int
    {
        return 409;
    }
}
