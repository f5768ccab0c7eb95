<?php

declare(strict_types=1);

namespace App\House;

use App\Problems\AppRefusal;

/** What is refused about the first visit of a house. */
final class SetUpRefused extends AppRefusal
{
    public static function already(): self
    {
        return self::because(
            'set-up-already',
            409,
            'This house has its first keeper already.',
            'Sign in, or ask the suite keeper for an invitation.',
        );
    }

    public static function wrongCode(): self
    {
        return self::because(
            'wrong-code',
            422,
            'This is not the code that the terminal printed.',
            'Look for it where Zebrafinch was started, or print a new one there: ./zebrafinch setup-code',
        );
    }
}
