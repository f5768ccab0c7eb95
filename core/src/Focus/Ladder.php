<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Keymap\Binding;

/** Who gets a chord in one focus: the rungs in the order in which the application asks its contexts. */
final readonly class Ladder
{
    /** @param  non-empty-list<Rung>  $rungs */
    public function __construct(public Context $focus, public array $rungs, public string $sentence)
    {
    }

    public function winner(): ?Binding
    {
        foreach ($this->rungs as $rung) {
            if ($rung->verdict === Verdict::Wins) {
                return $rung->binding;
            }
        }

        return null;
    }
}
