<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match\Harmonise;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Usage\Importance;

/** The chords that one slot can have, and what each costs. */
final readonly class SlotOptions
{
    public function __construct(
        private Place $place,
        private Candidates $candidates,
        private Obstacles $obstacles,
        private Scope $scope,
        private Weights $weights,
        private Importance $importance,
    ) {
    }

    /** @return array{array<int, float>, float|null, array<int, list<Binding>>} options, cost of none, and what each option displaces */
    public function all(): array
    {
        $place = $this->place;
        $now = $place->now === null ? null : $this->candidates->place($place->now->chord);
        if ($place->left !== null) {
            return $now === null ? [[], 0.0, []] : [[$now => $this->own($now, true)], null, []];
        }
        $options = [];
        $displaced = [];
        foreach (array_keys($this->candidates->chords) as $chord) {
            $lost = $this->allows($chord, $chord === $now) ? $this->lost($chord, $chord === $now) : null;
            if ($lost !== null) {
                $options[$chord] = $this->own($chord, $chord === $now) + $this->costOf($lost);
                $displaced[$chord] = $lost;
            }
        }
        $only = $this->only($now, array_keys($options));
        if ($only !== null) {
            return [array_intersect_key($options, [$only => true]), null, array_filter(array_intersect_key($displaced, [$only => true]))];
        }
        $accepted = $this->scope->acceptedFor($place->keymap->application->id, $place->command);

        return [$accepted === null ? [] : $options, $this->weights->bound * $place->weight, array_filter($displaced)];
    }

    /**
     * The one chord that was accepted or is fixed. A fixed chord that cannot be had leaves the command with what it has.
     *
     * @param  list<int>  $possible
     */
    private function only(?int $now, array $possible): ?int
    {
        $accepted = $this->scope->acceptedFor($this->place->keymap->application->id, $this->place->command);
        foreach (is_string($accepted) ? $possible : [] as $chord) {
            if ($this->writtenForm($chord) === $accepted) {
                return $chord;
            }
        }
        $fixed = $this->scope->fixed[$this->place->intent->id] ?? null;
        if ($fixed === null) {
            return null;
        }
        $fixedPlace = $this->candidates->place($fixed);

        return $fixedPlace !== null && in_array($fixedPlace, $possible, true) ? $fixedPlace : ($now !== null && in_array($now, $possible, true) ? $now : null);
    }

    private function allows(int $chord, bool $isNow): bool
    {
        $application = $this->place->keymap->application;
        if ($this->scope->refuses($application->id, $this->place->command, $this->writtenForm($chord))) {
            return false;
        }

        return $isNow ? $this->place->now !== null && $this->obstacles->canStay($this->place->now) : $this->candidates->isReached($chord, $application->chords);
    }

    /** @return list<Binding>|null */
    private function lost(int $chord, bool $isNow): ?array
    {
        return $this->obstacles->displaced($this->place, $isNow && $this->place->now !== null ? $this->place->now->chord : $this->candidates->written($chord, $this->place->keymap->application->chords), $isNow);
    }

    private function own(int $chord, bool $isNow): float
    {
        return $this->place->weight * ($this->weights->comfort * $this->candidates->efforts[$chord] + ($isNow || $this->isKnown($chord) ? 0.0 : $this->weights->habit));
    }

    /** Whether it is another chord of the same command already. */
    private function isKnown(int $chord): bool
    {
        foreach ($this->place->further as $binding) {
            if ($binding->context === $this->place->context && $binding->gesture === $this->place->gesture() && $this->candidates->place($binding->chord) === $chord) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Binding>  $displaced */
    private function costOf(array $displaced): float
    {
        return $this->weights->others * array_sum(array_map(fn (Binding $one): float => $this->importance->ofCommand($this->place->keymap->application->id, $one->command), $displaced));
    }

    private function writtenForm(int $chord): string
    {
        return $this->candidates->written($chord, $this->place->keymap->application->chords)->id();
    }
}
