<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** What somebody wants done, whatever each application calls it. */
final readonly class Intent
{
    /**
     * @param  list<string>  $synonyms trade words for the same intent
     * @param  list<IntentTrait>  $traits
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $group,
        public array $synonyms,
        public Frequency $frequency = Frequency::Sometimes,
        public array $traits = [],
    ) {
    }
}
