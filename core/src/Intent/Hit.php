<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;

/** A command that a search found. */
final readonly class Hit
{
    /**
     * @param  Intent|null  $intent  what the command is matched to
     * @param  string  $because  where the words were found, such as `synonym "razor"`
     */
    public function __construct(
        public Application $application,
        public Command $command,
        public ?Intent $intent,
        public float $score,
        public string $because,
    ) {
    }
}
