<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keymap\Change;

/** One way out of a clash: what it is called, what it changes, and what follows from it. */
final readonly class Remedy
{
    public function __construct(public string $title, public Change $change, public Consequences $consequences)
    {
    }
}
