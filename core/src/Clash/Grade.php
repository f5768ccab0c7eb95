<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

enum Grade: string
{
    case Fault = 'fault';
    case Warning = 'warning';

    /** Worse grades come first. */
    public function rank(): int
    {
        return $this === self::Fault ? 0 : 1;
    }
}
