<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Intent\CommandMatch;
use Zebrafinch\Core\Keymap\Binding;

/** What one application has for an intent. */
final readonly class StripeCell
{
    /**
     * @param  Command|null  $command  null when nothing in the application is matched to the intent
     * @param  list<Binding>  $bindings  the command's, its first chord first
     * @param  bool  $runsOn  whether its first chord is the one of the cell to its left
     */
    public function __construct(
        public Application $application,
        public ?Command $command,
        public ?CommandMatch $match,
        public array $bindings,
        public bool $runsOn,
    ) {
    }
}
