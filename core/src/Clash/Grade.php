<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

enum Grade: string
{
    case Fault = 'fault';
    case Warning = 'warning';
    /** Nothing is wrong; shown on request. */
    case Note = 'note';

    /** Worse grades come first. */
    public function rank(): int
    {
        return match ($this) {
            self::Fault => 0,
            self::Warning => 1,
            self::Note => 2,
        };
    }
}
