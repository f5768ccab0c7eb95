<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Keymap\Binding;

/** A chord that does not do in another suite what it does here. */
final readonly class Surprise
{
    /**
     * @param  string  $expected  command
     * @param  string|null  $instead  command; null when nothing happens
     * @param  string  $sentence  what happens there
     */
    public function __construct(
        public Application $application,
        public Binding $binding,
        public string $expected,
        public ?string $instead,
        public float $weight,
        public string $sentence,
    ) {
    }

    public function isDangerous(): bool
    {
        return $this->instead !== null &&
            $this->application->knows($this->instead) &&
            $this->application->command($this->instead)->is(CommandTrait::Destructive);
    }
}
