<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class NotReady extends Refusal implements HasStatus
{
    public static function toApply(): self
    {
        return new self(
            'There is nothing to apply: the search has no result yet, or it was applied already.',
            'Wait for the result, or search again.',
        );
    }

    public static function toUndo(): self
    {
        return new self(
            'There is nothing to undo: this was not applied, or it was taken back already.',
            'Look at the keymaps themselves; each has its own undo.',
        );
    }

    public static function toRead(): self
    {
        return new self('There is no result yet.', 'Wait until the search has ended.');
    }

    public function kind(): string
    {
        return 'not-ready';
    }

    public function status(): int
    {
        return 409;
    }
}
