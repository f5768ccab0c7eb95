<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * A key that is held with another. `Primary` is not a key: it stands for Command on macOS and
 * Control elsewhere, and stays `Primary` until the system is known. `AltGraph` is the key that reaches
 * the third level of a layout: a key of its own on Linux, Control and Alt together on Windows, Option on macOS.
 *
 * The order of the cases is the order in which modifiers are written.
 */
enum Modifier: string
{
    case Primary = 'Primary';
    case Control = 'Control';
    case Alt = 'Alt';
    case AltGraph = 'AltGraph';
    case Shift = 'Shift';
    case Meta = 'Meta';

    /** One bit for each modifier, for sets. */
    public function bit(): int
    {
        return match ($this) {
            self::Primary => 1,
            self::Control => 2,
            self::Alt => 4,
            self::Shift => 8,
            self::Meta => 16,
            self::AltGraph => 32,
        };
    }
}
