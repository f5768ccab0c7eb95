<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** A match: this command of one application fulfils this intent. */
final readonly class CommandMatch
{
    /** @param  string|null  $difference how the command differs from the intent; set exactly when it is near */
    public function __construct(
        public string $command,
        public string $intent,
        public Correspondence $correspondence,
        public ?string $difference = null,
    ) {
    }
}
