<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Intent\CommandMatch;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;

/** What one application, or one context of it, has for an intent. */
final readonly class StripeCell
{
    /**
     * @param  Command|null  $command  null when nothing in the application is matched to the intent
     * @param  list<Binding>  $bindings  the command's, its first chord first
     * @param  string|null  $first  press and gesture of the first chord; null for none
     * @param  bool  $runsOn  whether its first chord is the one of the cell to its left
     */
    private function __construct(
        public Application $application,
        public ?Command $command,
        public ?CommandMatch $match,
        public array $bindings,
        public ?string $first,
        public bool $runsOn,
    ) {
    }

    /** @param  self|null  $left  the cell before it; null for the first */
    public static function of(Application $application, Bindings $bindings, Seat $seat, ?CommandMatch $match, ?self $left): self
    {
        if ($match === null || ! $application->knows($match->command)) {
            return new self($application, null, $match, [], null, false);
        }
        $command = $application->command($match->command);
        $own = $bindings->ofCommand($command->id);
        $first = $own === [] ? null : $seat->press($own[0]->chord)->id.' '.$own[0]->gesture->value;

        return new self($application, $command, $match, $own, $first, $first !== null && $first === $left?->first);
    }

    /** The context in which the command is bound, or does something where it is not. */
    public function context(): ?string
    {
        return ($this->bindings[0] ?? null)->context ?? $this->command?->home;
    }
}
