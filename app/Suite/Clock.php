<?php

declare(strict_types=1);

namespace App\Suite;

/** What the hour brings, asked by whoever looks or asks: nothing has to run beside the house for it. */
final readonly class Clock
{
    public function __construct(private Sittings $sittings, private Rollouts $rollouts)
    {
    }

    public function tick(): void
    {
        $this->sittings->endOverdue();
        $this->rollouts->beginDue();
    }
}
