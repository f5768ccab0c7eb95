<?php

declare(strict_types=1);

namespace App\Suite;

use Zebrafinch\Core\Refusal;

final class WrongDigest extends Refusal
{
    public static function of(string $said, string $bytes): self
    {
        return new self(
            'The bytes have another digest than the address says; they were not stored.',
            'Send the file as it is, under its SHA-256.',
            'said '.substr($said, 0, 12).', is '.substr(hash('sha256', $bytes), 0, 12),
        );
    }

    public function kind(): string
    {
        return 'wrong-digest';
    }
}
