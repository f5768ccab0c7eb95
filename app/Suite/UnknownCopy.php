<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\HasStatus;
use Zebrafinch\Core\Refusal;

final class UnknownCopy extends Refusal implements HasStatus
{
    public static function named(string $copy, Suite $suite): self
    {
        return new self("{$suite->name} has no copy \"{$copy}\".", 'Choose one from the list of the suite.');
    }

    public function kind(): string
    {
        return 'unknown-copy';
    }

    public function status(): int
    {
        return 404;
    }
}
