<?php

declare(strict_types=1);

namespace App\Suite;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class SuiteNameTaken extends Refusal implements HasStatus
{
    public static function by(string $name): self
    {
        return new self("There is a suite called {$name} already.", 'Choose another name.');
    }

    public function kind(): string
    {
        return 'suite-name-taken';
    }

    public function status(): int
    {
        return 409;
    }
}
