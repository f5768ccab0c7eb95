<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;

/** Bindings as one application has them at one seat, indexed by what is pressed. */
final readonly class LoadedKeymap
{
    /** @var array<string, array<string, non-empty-list<Binding>>> by press, then by context, in file order */
    private array $index;

    public function __construct(
        public Application $application,
        public Bindings $bindings,
        public Seat $seat,
    ) {
        $index = [];
        foreach ($bindings as $binding) {
            foreach ($seat->presses($binding->chord) as $press) {
                $index[$press->id().' '.$binding->gesture->value][$binding->context][] = $binding;
            }
        }
        $this->index = $index;
    }

    public function after(Change $change): self
    {
        return new self($this->application, $change->applyTo($this->bindings), $this->seat);
    }

    /** @return array<string, array<string, non-empty-list<Binding>>> by press, then by context, in file order */
    public function byPress(): array
    {
        return $this->index;
    }

    /** @return array<string, non-empty-list<Binding>> what the chord is bound to, by context, in file order */
    public function boundTo(Chord $chord, Gesture $gesture = Gesture::Tap): array
    {
        return $this->index[$this->seat->press($chord, $gesture) ?? ''] ?? [];
    }

    /**
     * Which of the bindings that claim one chord in one place the application keeps in memory: null when there are
     * none, or when it refuses the file because of them.
     *
     * @param  list<Binding>  $claims  in file order
     */
    public function kept(array $claims): ?Binding
    {
        if (count($claims) < 2) {
            return $claims[0] ?? null;
        }

        return match ($this->application->loading) {
            LoadingRule::RefuseFile => null,
            LoadingRule::FirstLineWins => $claims[0],
            LoadingRule::LastLineWins => $claims[count($claims) - 1],
        };
    }

    /** Whether the chord does nothing in any context that overlaps with this one. */
    public function isFree(Chord $chord, Gesture $gesture, string $context): bool
    {
        foreach ($this->boundTo($chord, $gesture) as $taken => $bindings) {
            if ($this->application->contexts->overlap($taken, $context)) {
                return false;
            }
        }

        return true;
    }
}
