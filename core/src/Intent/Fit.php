<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** How well an intent fits a command. */
final readonly class Fit
{
    /** How much of a lead of another command of the application is taken off. */
    private const RIVALRY = 0.5;

    /**
     * @param  float  $score  above 0; about 1 where everything speaks for it
     * @param  list<string>  $evidence  sentences, the strongest first
     * @param  list<float>  $byText  how well the command's name, tooltip and menu path fit, each by itself
     */
    public function __construct(public Intent $intent, public float $score, public array $evidence, public array $byText)
    {
    }

    /** From 0 to 1. */
    public function confidence(): float
    {
        return min(1.0, max(0.0, $this->score));
    }

    /** The same where some command of the application fits the intent that well. */
    public function against(float $best): self
    {
        return new self($this->intent, $this->score - self::RIVALRY * max(0.0, $best - $this->score), $this->evidence, $this->byText);
    }
}
