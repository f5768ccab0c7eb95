<?php

declare(strict_types=1);

namespace App\Suite;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Suite\RolloutState;

final class WrongCourse extends Refusal implements HasStatus
{
    public static function cannot(string $what, RolloutState $state): self
    {
        return new self("A rollout that is {$state->value} cannot {$what}.", 'Look at it again; somebody may have been faster.');
    }

    public static function under(string $suites): self
    {
        return new self("Another rollout is on its way to {$suites}.", 'Wait until it is done, or cancel it.');
    }

    public function kind(): string
    {
        return 'wrong-course';
    }

    public function status(): int
    {
        return 409;
    }
}
