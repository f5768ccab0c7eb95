<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Refusal;

final class FixedChordMissing extends Refusal
{
    public static function of(string $application, Binding $binding): self
    {
        return new self(
            "{$binding->chord->id()} for {$binding->command} is to be fixed in {$application}, and is not in its keymap.",
            'Fix only chords that the keymap has, or give the command this chord first.',
            "{$application}, {$binding->context}",
        );
    }

    public function kind(): string
    {
        return 'fixed-chord-missing';
    }
}
