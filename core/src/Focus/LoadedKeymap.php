<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;

/**
 * Bindings as one application has them at one seat, indexed by what is pressed. Everything that clashes shares a press, so
 * that what a change means can be worked out from the presses that it touches.
 */
final class LoadedKeymap
{
    /** @var array<string, non-empty-list<Binding>> by the id of the press, in file order */
    private array $index = [];

    /** @var array<string, Press> by id */
    private array $presses = [];

    /** @var array{Binding, Binding}|false|null the two lines for which the whole file is refused; null while not looked for */
    private array|false|null $refusedFor = null;

    /** @param  TitleBindings|null  $desktop  what the desktop takes before this application */
    public function __construct(
        public readonly Application $application,
        private Bindings $bindings,
        public readonly Seat $seat,
        public readonly ?TitleBindings $desktop = null,
    ) {
        foreach ($bindings as $binding) {
            foreach ($seat->presses($binding->chord) as $press) {
                $this->index[$press->id][] = $binding;
                $this->presses[$press->id] = $press;
            }
        }
    }

    /** The same bindings at another keyboard; what the desktop takes there is not known. */
    public function atSeat(Seat $seat): self
    {
        return $seat === $this->seat ? $this : new self($this->application, $this->bindings, $seat);
    }

    public function bindings(): Bindings
    {
        return $this->bindings;
    }

    /** The same after a change; only what the change touches is worked out again. */
    public function after(Change $change): self
    {
        $after = clone $this;
        $after->refusedFor = null;
        $after->bindings = $this->bindings->changedBy($change);
        foreach ($change->removed as $binding) {
            foreach ($this->seat->presses($binding->chord) as $press) {
                $after->drop($press, $binding);
            }
        }
        foreach ($change->added as $binding) {
            foreach ($this->seat->presses($binding->chord) as $press) {
                $after->index[$press->id][] = $binding;
                $after->presses[$press->id] = $press;
            }
        }
        foreach ($change->added as $binding) {
            foreach ($this->seat->presses($binding->chord) as $press) {
                $after->sort($press, $binding->context);
            }
        }

        return $after;
    }

    /** Which of several bindings of one context comes first is for the file to say. */
    private function sort(Press $press, string $context): void
    {
        $here = $this->index[$press->id] ?? [];
        if (count(array_filter($here, static fn (Binding $one): bool => $one->context === $context)) < 2) {
            return;
        }
        $left = array_count_values(array_map(static fn (Binding $one): string => $one->id(), $here));
        $sorted = [];
        foreach ($this->bindings->all() as $binding) {
            if (($left[$binding->id()] ?? 0) > 0) {
                $left[$binding->id()]--;
                $sorted[] = $binding;
            }
        }
        if ($sorted !== []) {
            $this->index[$press->id] = $sorted;
        }
    }

    private function drop(Press $press, Binding $binding): void
    {
        $left = $this->index[$press->id] ?? [];
        for ($index = count($left) - 1; $index >= 0; $index--) {
            if ($left[$index]->id() === $binding->id()) {
                array_splice($left, $index, 1);
                break;
            }
        }
        if ($left === []) {
            unset($this->index[$press->id], $this->presses[$press->id]);
        } else {
            $this->index[$press->id] = $left;
        }
    }

    /** @return array<string, Press> by id: all that something is bound to */
    public function presses(): array
    {
        return $this->presses;
    }

    /** @return list<Binding> in file order */
    public function onPress(Press $press): array
    {
        return $this->index[$press->id] ?? [];
    }

    /**
     * The presses that a change touches.
     *
     * @return array<string, Press> by id
     */
    public function touchedBy(Change $change): array
    {
        $presses = [];
        foreach ([...$change->removed, ...$change->added] as $binding) {
            foreach ($this->seat->presses($binding->chord) as $press) {
                $presses[$press->id] = $press;
            }
        }

        return $presses;
    }

    /** @return array<string, non-empty-list<Binding>> what the chord is bound to, by context, in file order */
    public function boundTo(Chord $chord, Gesture $gesture = Gesture::Tap): array
    {
        return $this->claims($this->onPress($this->seat->press($chord)), $gesture);
    }

    /**
     * Those of some bindings of one press that answer to a gesture, by context. Where the application cannot tell a hold from a tap,
     * all answer to both.
     *
     * @param  list<Binding>  $bindings  in file order
     * @return array<string, non-empty-list<Binding>>
     */
    public function claims(array $bindings, Gesture $gesture): array
    {
        $claims = [];
        foreach ($bindings as $binding) {
            if (! $this->application->tellsHold || $binding->gesture === $gesture) {
                $claims[$binding->context][] = $binding;
            }
        }

        return $claims;
    }

    /**
     * Whether any two of some bindings of one press can be active together. Most are not, and then nothing of them clashes.
     *
     * @param  list<Binding>  $bindings
     */
    public function anyMeet(array $bindings): bool
    {
        $contexts = $this->application->contexts;
        for ($index = count($bindings) - 1; $index > 0; $index--) {
            for ($earlier = 0; $earlier < $index; $earlier++) {
                if ($contexts->overlap($bindings[$earlier]->context, $bindings[$index]->context)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Gesture> those that can run something different here */
    public function gestures(): array
    {
        return $this->application->tellsHold ? Gesture::cases() : [Gesture::Tap];
    }

    /**
     * Which of the bindings that claim one chord in one context the application has in memory; null when it refuses the file
     * because of them.
     *
     * @param  non-empty-list<Binding>  $claims  in file order
     */
    public function loaded(array $claims): ?Binding
    {
        if (count($claims) === 1) {
            return $claims[0];
        }

        return match ($this->application->loading) {
            LoadingRule::RefuseFile => null,
            LoadingRule::FirstLineWins => $claims[0],
            LoadingRule::LastLineWins => $claims[count($claims) - 1],
        };
    }

    /** @return array{Binding, Binding}|null two lines for which the application refuses its whole file; null where it reads it */
    public function refusedFor(): ?array
    {
        if ($this->refusedFor === null) {
            $this->refusedFor = $this->application->loading === LoadingRule::RefuseFile ? $this->firstDouble() : false;
        }

        return $this->refusedFor === false ? null : $this->refusedFor;
    }

    /** @return array{Binding, Binding}|false */
    private function firstDouble(): array|false
    {
        foreach ($this->index as $bindings) {
            foreach (count($bindings) > 1 ? $this->gestures() : [] as $gesture) {
                foreach ($this->claims($bindings, $gesture) as $claims) {
                    if (count($claims) > 1) {
                        return [$claims[0], $claims[1]];
                    }
                }
            }
        }

        return false;
    }

    /** Whether the chord does nothing in any context that overlaps with this one, and the desktop does not take it. */
    public function isFree(Chord $chord, Gesture $gesture, string $context): bool
    {
        if ($this->desktop?->taking($this->seat->press($chord)) !== null) {
            return false;
        }
        foreach ($this->boundTo($chord, $gesture) as $taken => $bindings) {
            if ($this->application->contexts->overlap($taken, $context)) {
                return false;
            }
        }

        return true;
    }
}
