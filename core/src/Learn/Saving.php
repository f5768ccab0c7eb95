<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Effort\Method;
use Zebrafinch\Core\Keymap\Binding;

/** What one command would take less, in seconds a week. Never negative: what saves nothing is none. */
final readonly class Saving
{
    /**
     * @param  Binding  $binding  what would be used: one that is there, or that is offered
     * @param  float  $uses  a week that would be made in the new way
     * @param  float  $before  seconds that one use takes now
     * @param  float  $after  seconds that one use would take
     */
    public function __construct(
        public SavingKind $kind,
        public Doing $doing,
        public Binding $binding,
        public float $uses,
        public Method $way,
        public Method $newWay,
        public float $before,
        public float $after,
    ) {
    }

    public function secondsAWeek(): float
    {
        return $this->uses * ($this->before - $this->after);
    }

    /** The larger first. */
    public static function compare(self $one, self $other): int
    {
        return [$other->secondsAWeek(), $one->id()] <=> [$one->secondsAWeek(), $other->id()];
    }

    public function id(): string
    {
        return "{$this->doing->application->id} {$this->doing->command->id} {$this->kind->value}";
    }
}
