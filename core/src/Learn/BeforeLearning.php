<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** What was so when somebody began to learn a chord: what later logs are measured against. */
final readonly class BeforeLearning
{
    /**
     * @param  string  $since  the day, as in 2026-03-02
     * @param  float  $mouseShare  from 0 to 1: how much of it was done by mouse before
     * @param  float  $seconds  that one use by key takes less than one by mouse
     */
    public function __construct(
        public string $application,
        public string $command,
        public string $since,
        public float $mouseShare,
        public float $seconds,
    ) {
    }
}
