<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Refusal;

/** The text is not a preset in the interchange format. */
final class UnreadablePreset extends Refusal
{
    public static function notJson(string $why): self
    {
        return new self("This is not JSON: {$why}.", 'Export the preset once more, or name the application whose key file it is.');
    }

    public static function otherFormat(string $wanted): self
    {
        return new self(
            "A preset has the member \"format\" with the value \"{$wanted}\"; this text has not.",
            'Export the preset once more, or name the application whose key file it is.',
        );
    }

    public static function broken(string $where, string $wanted): self
    {
        return new self("{$where} is not {$wanted}.", 'Correct it; the schema is in docs/preset.schema.json.', $where);
    }

    public function kind(): string
    {
        return 'unreadable-preset';
    }
}
