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
     * @param  array<string, Binding>  $byPress  the command's, by what is pressed for it and the gesture, its first chord first
     */
    private function __construct(
        public Application $application,
        public ?Command $command,
        public ?CommandMatch $match,
        public array $byPress,
    ) {
    }

    public static function of(Application $application, Bindings $bindings, Seat $seat, ?CommandMatch $match): self
    {
        $command = $match === null ? null : $application->find($match->command);
        if ($match === null || $command === null) {
            return new self($application, null, $match, []);
        }
        $byPress = [];
        foreach ($bindings->ofCommand($match->command) as $binding) {
            $byPress["{$seat->press($binding->chord)->id} {$binding->gesture->value}"] ??= $binding;
        }

        return new self($application, $command, $match, $byPress);
    }

    public function isBound(): bool
    {
        return $this->byPress !== [];
    }

    /** Whether one of its chords is one of the other's. */
    public function agreesWith(self $other): bool
    {
        return array_intersect_key($this->byPress, $other->byPress) !== [];
    }

    /**
     * Its bindings, that of one chord before the others if it is among them.
     *
     * @return list<Binding>
     */
    public function bindings(?string $first = null): array
    {
        $before = $first === null ? [] : array_intersect_key($this->byPress, [$first => true]);

        return array_values($before + $this->byPress);
    }

    /** The context in which the command is bound, or does something where it is not. */
    public function context(): ?string
    {
        return ($this->bindings()[0] ?? null)->context ?? $this->command?->home;
    }
}
