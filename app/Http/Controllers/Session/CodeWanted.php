<?php

declare(strict_types=1);

namespace App\Http\Controllers\Session;

use Zebrafinch\Core\Refusal;

/** The password was right, and the account wants a code beside it. */
final class CodeWanted extends Refusal
{
    public static function now(): self
    {
        return new self(
            'This account asks for a code as well.',
            'Write the six digits that your device shows, or one of your recovery codes.',
        );
    }

    public function kind(): string
    {
        return 'code-wanted';
    }
}
