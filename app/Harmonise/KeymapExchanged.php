<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

/** Another keymap is in use than the one that a harmonisation was worked out for. */
final class KeymapExchanged extends Refusal implements HasStatus
{
    public static function since(string $application): self
    {
        return new self(
            "For {$application} another keymap is in use than when this was worked out.",
            'Search again; nothing was changed in any keymap.',
            $application,
        );
    }

    public function kind(): string
    {
        return 'keymap-exchanged';
    }

    public function status(): int
    {
        return 409;
    }
}
