<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

/** How often one command of one application was used. */
final readonly class Uses
{
    public function __construct(public string $application, public string $command, public int $byKey, public int $byMouse)
    {
    }

    public function all(): int
    {
        return $this->byKey + $this->byMouse;
    }

    public function plus(int $byKey, int $byMouse): self
    {
        return new self($this->application, $this->command, $this->byKey + $byKey, $this->byMouse + $byMouse);
    }
}
