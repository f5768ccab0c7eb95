<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\ChordRules;
use Zebrafinch\Core\Usage\Importance;

/** Finds the chords that one slot can have, and works out what each costs: once, for the instance as for its explanation. */
final readonly class OptionFinder
{
    public function __construct(
        private Target $target,
        private Candidates $candidates,
        private Obstacles $obstacles,
        private ChordRules $rules,
        private Scope $scope,
        private Weights $weights,
        private Importance $importance,
    ) {
    }

    public function find(): SlotOptions
    {
        $now = $this->target->now === null ? null : $this->candidates->index($this->target->now->chord);
        if ($this->target->left !== null) {
            return $now === null ? new SlotOptions([], 0.0) : new SlotOptions([$now => $this->option($now, true, [])], null);
        }
        $options = new SlotOptions($this->possible($now), $this->weights->bound * $this->target->weight);
        $only = $this->only($now, array_keys($options->byChord));
        if ($only !== null) {
            return $options->only($only);
        }

        return $this->scope->acceptedFor($this->target->keymap->application->id, $this->target->command) === null
            ? $options->none()
            : $options;
    }

    /** @return array<int, Option> by chord */
    private function possible(?int $now): array
    {
        $possible = [];
        foreach (array_keys($this->candidates->chords) as $chord) {
            $isNow = $chord === $now;
            $displaced = $this->allows($chord, $isNow) ? $this->displaced($chord, $isNow) : null;
            if ($displaced !== null) {
                $possible[$chord] = $this->option($chord, $isNow, $displaced);
            }
        }

        return $possible;
    }

    /** @param  list<Binding>  $displaced */
    private function option(int $chord, bool $isNow, array $displaced): Option
    {
        $weight = $this->target->weight;

        return new Option(
            $weight * $this->weights->comfort * $this->candidates->efforts[$chord],
            $isNow || $this->isKnown($chord) ? 0.0 : $weight * $this->weights->habit,
            $this->costOf($displaced),
            $displaced,
        );
    }

    /**
     * The one chord that was accepted or is fixed. A fixed chord that cannot be had leaves the command with what it has.
     *
     * @param  list<int>  $possible
     */
    private function only(?int $now, array $possible): ?int
    {
        $accepted = $this->scope->acceptedFor($this->target->keymap->application->id, $this->target->command);
        foreach (is_string($accepted) ? $possible : [] as $chord) {
            if ($this->writtenForm($chord) === $accepted) {
                return $chord;
            }
        }
        $fixed = $this->scope->fixed[$this->target->intent->id] ?? null;
        if ($fixed === null) {
            return null;
        }
        $fixedIndex = $this->candidates->index($fixed);

        return $fixedIndex !== null && in_array($fixedIndex, $possible, true)
            ? $fixedIndex
            : ($now !== null && in_array($now, $possible, true)
                ? $now
                : null);
    }

    private function allows(int $chord, bool $isNow): bool
    {
        $application = $this->target->keymap->application;
        if ($this->scope->refuses($application->id, $this->target->command, $this->writtenForm($chord))) {
            return false;
        }

        return $isNow ? $this->target->now !== null && $this->obstacles->canStay($this->target->now) : $this->isAllowed($chord);
    }

    private function isAllowed(int $chord): bool
    {
        $written = $this->candidates->written($chord, $this->target->keymap->application->naming);
        $wanted = new Binding($written, $this->target->command, $this->target->context, $this->target->gesture());

        return $this->rules->objection($wanted) === null;
    }

    /** @return list<Binding>|null */
    private function displaced(int $chord, bool $isNow): ?array
    {
        return $this->obstacles->displaced(
            $this->target,
            $isNow && $this->target->now !== null
                ? $this->target->now->chord
                : $this->candidates->written($chord, $this->target->keymap->application->naming),
            $isNow,
        );
    }

    /** Whether it is another chord of the same command already. */
    private function isKnown(int $chord): bool
    {
        foreach ($this->target->further as $binding) {
            if (
                $binding->context === $this->target->context &&
                $binding->gesture === $this->target->gesture() &&
                $this->candidates->index($binding->chord) === $chord
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Binding>  $displaced */
    private function costOf(array $displaced): float
    {
        return $this->weights->others *
            array_sum(
                array_map(
                    fn (Binding $one): float => $this->importance->ofCommand($this->target->keymap->application->id, $one->command),
                    $displaced,
                ),
            );
    }

    private function writtenForm(int $chord): string
    {
        return $this->candidates->written($chord, $this->target->keymap->application->naming)->id();
    }
}
