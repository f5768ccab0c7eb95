<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Refusal;

final class EmptyPreset extends Refusal
{
    public static function noKeymap(): self
    {
        return new self('The kit has no keymap to save.', 'Start a keymap from a factory one, or bring in a key file, and save then.');
    }

    public function kind(): string
    {
        return 'empty-preset';
    }
}
