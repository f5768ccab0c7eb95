<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** A family of operating systems, as far as keys are concerned. */
enum System: string
{
    case MacOs = 'macos';
    case Windows = 'windows';
    case Linux = 'linux';

    /** As people call it. */
    public function label(): string
    {
        return match ($this) {
            self::MacOs => 'macOS',
            self::Windows => 'Windows',
            self::Linux => 'Linux',
        };
    }

    /** The physical modifier that `Primary` means here. */
    public function primary(): Modifier
    {
        return $this === self::MacOs ? Modifier::Meta : Modifier::Control;
    }

    /**
     * What applications see held when the third level of a layout is reached.
     *
     * @return non-empty-list<Modifier>
     */
    public function altGraph(): array
    {
        return match ($this) {
            self::MacOs => [Modifier::Alt],
            self::Windows => [Modifier::Control, Modifier::Alt],
            self::Linux => [Modifier::AltGraph],
        };
    }
}
