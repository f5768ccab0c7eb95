<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;

/** What stands in the way of giving a command of one keymap a chord. */
final class Obstacles
{
    /** @var non-empty-list<LoadedKeymap> the same keymap at every seat */
    private readonly array $atSeats;

    /** @var array<string, true> bindings that have a fault by their own chord alone, or with a hold, which is never moved */
    private array $faulty = [];

    /** @var array<string, array<string, true>> bindings that are rivals of each other */
    private array $rivals = [];

    /**
     * @param  non-empty-list<Seat>  $seats
     * @param  array<string, true>  $moving  ids of bindings that are given a chord themselves, and so are in nobody's way
     * @param  array<string, true>  $standing  commands whose chords are not moved
     */
    public function __construct(
        private readonly LoadedKeymap $keymap,
        array $seats,
        Docket $docket,
        private readonly array $moving,
        private readonly array $standing,
    ) {
        $this->atSeats = array_map(
            static fn (Seat $one): LoadedKeymap => $one === $keymap->seat
                ? $keymap
                : new LoadedKeymap($keymap->application, $keymap->bindings(), $one),
            $seats,
        );
        foreach ($this->atSeats as $there) {
            foreach ($docket->of($there) as $clash) {
                $this->note($clash);
            }
        }
    }

    private function note(Clash $clash): void
    {
        if ($clash->grade !== Grade::Fault) {
            return;
        }
        foreach ($clash->bindings as $binding) {
            if (! $clash->kind->isRivalry()) {
                $this->faulty[$binding->id()] = true;
            }
            foreach ($clash->kind->isRivalry() ? $clash->bindings : [] as $other) {
                $this->rivals[$binding->id()][$other->id()] = true;
            }
        }
    }

    /** Whether a binding of today can stay as it is. */
    public function canStay(Binding $now): bool
    {
        return ! isset($this->faulty[$now->id()]);
    }

    /**
     * @return list<Binding>|null  bindings that lose their chord to it; null when it cannot have it
     */
    public function displaced(Target $target, Chord $chord, bool $isNow): ?array
    {
        $displaced = [];
        foreach ($this->atSeats as $there) {
            $press = $there->seat->press($chord);
            if (! $isNow && $this->keymap->desktop?->taking($press) !== null) {
                return null;
            }
            foreach ($there->onPress($press) as $binding) {
                if (! $this->isInTheWay($binding, $target, $isNow)) {
                    continue;
                }
                if (isset($this->standing[$binding->command]) || $binding->gesture === Gesture::Hold) {
                    return null;
                }
                $displaced[$binding->id()] = $binding;
            }
        }

        return array_values($displaced);
    }

    private function isInTheWay(Binding $binding, Target $target, bool $isNow): bool
    {
        if (isset($this->moving[$binding->id()]) || ($binding->command === $target->command && $binding->gesture === $target->gesture())) {
            return false;
        }
        if ($isNow && $target->now !== null) {
            // Today's neighbours on the chord are as they were meant to be, unless the two are rivals.
            return isset($this->rivals[$target->now->id()][$binding->id()]);
        }

        return $this->keymap->application->contexts->overlap($binding->context, $target->context);
    }
}
