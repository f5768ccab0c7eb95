<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

use Zebrafinch\Core\Application\Command;

/** What a command may be for. */
final readonly class Proposal
{
    /**
     * @param  non-empty-list<Fit>  $fits  the best first
     * @param  bool  $isSure  whether the best can be taken unseen
     */
    public function __construct(public Command $command, public array $fits, public bool $isSure)
    {
    }
}
