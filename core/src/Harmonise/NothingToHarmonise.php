<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Refusal;

final class NothingToHarmonise extends Refusal
{
    public static function inScope(): self
    {
        return new self(
            'None of the chosen intents has a command that may get another chord.',
            'Choose more intents, or applications that share some.',
        );
    }

    public static function allowed(): self
    {
        return new self(
            'There is no way to give every command that must have a chord one of its own.',
            'Take back a fixed or an accepted chord.',
        );
    }

    public function kind(): string
    {
        return 'nothing-to-harmonise';
    }
}
