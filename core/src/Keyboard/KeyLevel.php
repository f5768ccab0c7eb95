<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** A place on a layout where a character is typed. */
final readonly class KeyLevel
{
    public function __construct(public Key $key, public Level $level, public Symbol $symbol)
    {
    }
}
