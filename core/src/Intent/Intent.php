<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** What somebody wants done, whatever each application calls it. */
final readonly class Intent
{
    /**
     * @param  list<string>  $synonyms trade words for the same intent
     * @param  list<IntentTrait>  $traits
     * @param  string|null  $family  of intents that ask the hands for the same, whatever the object; null where it is alone
     * @param  string|null  $consequence  what follows of it and not of others of its family, as a verb: "closes the gap"
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $group,
        public array $synonyms,
        public Frequency $frequency = Frequency::Sometimes,
        public array $traits = [],
        public ?string $family = null,
        public ?string $consequence = null,
    ) {
    }

    /** Whether the hands ask for the same with both, and nothing else follows. */
    public function asksForTheSameAs(self $other): bool
    {
        return $this->id === $other->id ||
            ($this->family !== null &&
                $this->family === $other->family &&
                $this->consequence === $other->consequence &&
                in_array(IntentTrait::Irreversible, $this->traits, true) === in_array(IntentTrait::Irreversible, $other->traits, true));
    }
}
