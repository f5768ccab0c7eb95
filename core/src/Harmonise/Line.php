<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;

/** One command that gets another first chord. */
final readonly class Line
{
    /**
     * @param  Chord|null  $chord  as the application writes it; null when it loses its chord
     * @param  list<Binding>  $displaced  bindings of other commands that go
     * @param  list<string>  $reasons  why this chord
     * @param  RunnerUp|null  $runnerUp  null when nothing else was possible
     */
    public function __construct(
        public Target $target,
        public ?Chord $chord,
        public array $displaced,
        public array $reasons,
        public ?RunnerUp $runnerUp,
    ) {
    }

    /** Stays the same as long as the same command gets the same chord. */
    public function id(): string
    {
        return implode(' ', [$this->target->keymap->application->id, $this->target->command, $this->chord?->id() ?? 'none']);
    }

    /**
     * @return Binding|null  what the command gets; null when it gets nothing new, since the chord is another of its own already, or none
     */
    public function added(): ?Binding
    {
        if ($this->chord === null) {
            return null;
        }

        return new Binding($this->chord, $this->target->command, $this->target->context, $this->target->gesture());
    }
}
