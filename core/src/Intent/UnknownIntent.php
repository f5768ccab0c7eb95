<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

use Zebrafinch\Core\Refusal;

final class UnknownIntent extends Refusal
{
    public static function named(string $id): self
    {
        return new self("There is no intent \"{$id}\".", 'Choose an intent from the list.', "intent {$id}");
    }

    public function kind(): string
    {
        return 'unknown-intent';
    }
}
