<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** How far a release has come in one suite to which it was given. */
final readonly class RolloutProgress
{
    /** @param  string|null  $fault  a sentence, for a faulty step */
    private function __construct(public RolloutStep $step, public ?string $fault = null)
    {
    }

    /** Another release is followed there by now. */
    public static function out(): self
    {
        return new self(RolloutStep::Out);
    }

    /**
     * @param  array<string, string>  $names  of the applications whose key files the suite has, by their ids
     * @param  array<string, string>  $stops  by application: what is wrong with this release there, in a sentence; what stops the keys of
     *     whoever sits there stops no release
     */
    public static function of(SuiteState $state, array $names, array $stops, bool $isOnline): self
    {
        $isDone = true;
        foreach ($names as $application => $name) {
            $due = $state->due()[$application] ?? null;
            if (! isset($stops[$application]) && $due === null) {
                continue;
            }
            $standing = $state->standing($application, $isOnline, isset($stops[$application]));
            $fault = $stops[$application] ?? self::fault($name, $standing, $state->report($application));
            if ($fault !== null) {
                return new self(RolloutStep::Faulty, $fault);
            }
            $isDone = $isDone && $standing->isSettled() && ! in_array($due?->source, [Source::Guest, Source::AsFound], true);
        }

        return new self($isDone ? RolloutStep::Done : RolloutStep::UnderWay);
    }

    /** What nobody has to decide, or what passes by itself, is no fault. */
    private static function fault(string $name, Standing $standing, ReportedFile $there): ?string
    {
        return match (true) {
            $standing === Standing::ChangedByHand => "{$name} was changed by hand there.",
            $standing === Standing::NobodyGave => "{$name} has a file there that nobody gave.",
            $standing === Standing::HeldBack && $there->held?->passes() === false => "{$name}: {$there->held->inWords()}.",
            $standing === Standing::Refused => "{$name} does not take its key file: {$there->says}",
            default => null,
        };
    }
}
