<?php

declare(strict_types=1);

namespace App\Suite;

/** What comes with time in suites. The scheduler asks every few seconds; asking twice changes nothing. */
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
