<?php

declare(strict_types=1);

namespace App\Problems;

use Zebrafinch\Core\Refusal;

/** What somebody wants to write was decided on something that is no longer so, and there is nothing to merge. */
final class Stale extends Refusal implements HasStatus
{
    public static function thing(string $what): self
    {
        return new self(
            "{$what} was changed in the meantime, in another window or by somebody else.",
            'Look at it again and choose once more.',
        );
    }

    public function kind(): string
    {
        return 'stale';
    }

    public function status(): int
    {
        return 409;
    }
}
