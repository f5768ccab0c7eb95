<?php

declare(strict_types=1);

namespace App\Problems;

use Zebrafinch\Core\Refusal;

/** A key by which a write could be repeated is none, or was used for something else. */
final class KeyUsed extends Refusal
{
    public static function forAnother(): self
    {
        return new self('This Idempotency-Key was used for another request.', 'Choose a new key for each write. Nothing was changed.');
    }

    public static function unreadable(): self
    {
        return new self('This Idempotency-Key is none.', 'Use 8 to 80 letters, digits and dashes. Nothing was changed.');
    }

    public function kind(): string
    {
        return 'key-used';
    }
}
