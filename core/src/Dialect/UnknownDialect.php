<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Refusal;

final class UnknownDialect extends Refusal
{
    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        return new self("There is no dialect \"{$id}\".", 'Name one of these in the catalogue: '.implode(', ', $known).'.');
    }

    public function kind(): string
    {
        return 'unknown-dialect';
    }
}
