<?php

declare(strict_types=1);

namespace App\Learn;

use App\Problems\HasStatus;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Refusal;

/** A drill is asked for, and there is nothing to drill. */
final class NothingToAsk extends Refusal implements HasStatus
{
    public static function due(?Carbon $next): self
    {
        return new self(
            'No card is due.',
            $next === null ? 'Choose something to learn first.' : "The next is due {$next->toIso8601String()}; practise ahead if you like.",
        );
    }

    public static function same(): self
    {
        return new self('Nothing differs that could be pressed.', 'Sit down; your hands know it.');
    }

    public function kind(): string
    {
        return 'nothing-to-ask';
    }

    public function status(): int
    {
        return 409;
    }
}
