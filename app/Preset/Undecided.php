<?php

declare(strict_types=1);

namespace App\Preset;

use App\Problems\HasStatus;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Refusal;

final class Undecided extends Refusal implements HasStatus
{
    public static function in(Application $application): self
    {
        return new self(
            "Both sides changed the same in {$application->name}, and nobody has said which stays. Nothing was changed.",
            'Choose a side for each.',
            $application->id,
        );
    }

    public function kind(): string
    {
        return 'undecided';
    }

    public function status(): int
    {
        return 409;
    }
}
