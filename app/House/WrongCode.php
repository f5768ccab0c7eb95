<?php

declare(strict_types=1);

namespace App\House;

use Zebrafinch\Core\Refusal;

final class WrongCode extends Refusal
{
    public static function given(): self
    {
        return new self(
            'This is not the code that the terminal printed.',
            'Look for it where Zebrafinch was started, or print a new one there: ./zebrafinch setup-code',
        );
    }

    public function kind(): string
    {
        return 'wrong-code';
    }
}
