<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Keymap\Binding;

/** How somebody does one command: the chords that they have for it, and how often a week they take the keyboard and the mouse. */
final readonly class Doing
{
    /**
     * @param  list<Binding>  $bindings  those that the application obeys
     * @param  float  $byKey  uses a week
     * @param  float  $byMouse  uses a week
     * @param  Intent|null  $intent  null where nobody has matched the command to one
     */
    public function __construct(
        public Application $application,
        public Command $command,
        public array $bindings,
        public float $byKey,
        public float $byMouse,
        public ?Intent $intent = null,
    ) {
    }
}
