<?php

declare(strict_types=1);

namespace App\Library;

use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class UnknownApplication extends Refusal implements HasStatus
{
    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        return new self("There is no application \"{$id}\".", 'Choose one of: '.implode(', ', $known).'.');
    }

    public function kind(): string
    {
        return 'unknown-application';
    }

    public function status(): int
    {
        return 404;
    }
}
