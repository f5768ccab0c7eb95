<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** What a running rollout does next, from how far it has come in each suite. */
final readonly class RolloutCourse
{
    /** @param  list<string>  $give  suites that get the release now */
    private function __construct(public RolloutState $state, public array $give)
    {
    }

    /**
     * @param  array<string, RolloutStep>  $steps  by suite
     * @param  string|null  $first  the suite that the others wait for; null for all at once
     */
    public static function of(array $steps, ?string $first): self
    {
        $waiting = array_keys($steps, RolloutStep::Waiting, true);

        $ahead = $first === null ? RolloutStep::Out : $steps[$first] ?? RolloutStep::Out;
        $isOver = $waiting === [] && ! in_array(RolloutStep::UnderWay, $steps, true);

        return match (true) {
            in_array(RolloutStep::Faulty, $steps, true) => new self(RolloutState::Stopped, []),
            $ahead === RolloutStep::Waiting => new self(RolloutState::Running, array_values(array_intersect($waiting, [$first]))),
            $ahead === RolloutStep::UnderWay => new self(RolloutState::Running, []),
            default => new self($isOver ? RolloutState::Done : RolloutState::Running, $waiting),
        };
    }
}
