<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Refusal;

/** A description of a dialect says something that cannot be. */
final class InvalidDescription extends Refusal
{
    public static function because(string $id, string $why): self
    {
        return new self(
            $id === '' ? "The description of the key file cannot be used: {$why}." : "The description \"{$id}\" cannot be used: {$why}.",
            'Correct it where it says so, or have it proposed anew from a key file.',
        );
    }

    public function kind(): string
    {
        return 'invalid-description';
    }
}
