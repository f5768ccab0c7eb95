<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Remap;

use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Keymap\Change;

/** One way to give a command the chord that was asked for, with what follows from it. */
final readonly class Choice
{
    public function __construct(public ChoiceKind $kind, public string $title, public Change $change, public Consequences $consequences)
    {
    }
}
