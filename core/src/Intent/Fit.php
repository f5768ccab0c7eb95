<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** How well an intent fits a command. */
final readonly class Fit
{
    /** How much of a lead of another command of the application is taken off. */
    private const RIVALRY = 0.5;

    /**
     * @param  float  $score  from 0 to 1
     * @param  list<string>  $evidence  sentences, the strongest first
     */
    public function __construct(public Intent $intent, public float $score, public array $evidence)
    {
    }

    /** The same where some command of the application fits the intent that well. */
    public function against(float $best): self
    {
        return new self($this->intent, $this->score - self::RIVALRY * max(0.0, $best - $this->score), $this->evidence);
    }
}
