<?php

declare(strict_types=1);

namespace App\Learn;

use Zebrafinch\Core\Refusal;

final class TooManyCards extends Refusal
{
    public static function above(int $most): self
    {
        return new self('More than '.number_format($most).' cards are more than anybody learns.', 'Take away what you know.');
    }

    public function kind(): string
    {
        return 'too-many-cards';
    }
}
