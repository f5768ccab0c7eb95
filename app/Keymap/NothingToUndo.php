<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class NothingToUndo extends Refusal implements HasStatus
{
    public static function undo(): self
    {
        return new self('There is no change left to undo.', 'The keymap is as it was when it was made.');
    }

    public static function redo(): self
    {
        return new self('There is no undone change to make again.', 'Go on from here.');
    }

    public function kind(): string
    {
        return 'nothing-to-undo';
    }

    public function status(): int
    {
        return 409;
    }
}
