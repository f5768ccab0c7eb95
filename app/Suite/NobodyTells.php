<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

/** Uses are told of a sitting whose person has not said yes, or which is over. */
final class NobodyTells extends Refusal implements HasStatus
{
    public static function in(Suite $suite): self
    {
        return new self("Nobody in {$suite->name} has said that their uses are counted.", 'Ask for the assignment; it says whose are.');
    }

    public function kind(): string
    {
        return 'nobody-tells';
    }

    public function status(): int
    {
        return 409;
    }
}
