<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

use Zebrafinch\Core\Refusal;

final class UnknownContext extends Refusal
{
    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        return new self("There is no context \"{$id}\".", 'Choose one of: '.implode(', ', $known).'.', "context {$id}");
    }

    public function kind(): string
    {
        return 'unknown-context';
    }
}
