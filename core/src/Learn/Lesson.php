<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** One chord that is worth learning: in one application, or in several where it does the same and is learned once. */
final readonly class Lesson
{
    /**
     * @param  non-empty-list<Saving>  $savings  the largest first
     * @param  string|null  $goesWith  name of a command that was chosen before and that is learned with it
     */
    public function __construct(public array $savings, public Ease $ease, public ?string $goesWith = null)
    {
    }

    public function secondsAWeek(): float
    {
        return array_sum(array_map(static fn (Saving $one): float => $one->secondsAWeek(), $this->savings));
    }

    /** Seconds a week × ease: what the order goes by. */
    public function worth(): float
    {
        return $this->secondsAWeek() * $this->ease->factor;
    }

    public function goingWith(?string $command): self
    {
        return new self($this->savings, $this->ease, $command);
    }
}
