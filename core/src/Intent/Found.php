<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** One answer of a search: an intent with the commands that were found for it, or a command that no intent has. */
final readonly class Found
{
    /** @param  list<array{application: string, command: string}>  $commands  the best first */
    public function __construct(public ?string $intent, public float $score, public array $commands)
    {
    }

    public function with(string $application, string $command): self
    {
        return new self($this->intent, $this->score, [...$this->commands, ['application' => $application, 'command' => $command]]);
    }
}
