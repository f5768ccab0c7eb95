<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** What is known of one application's key file at a workstation. */
final readonly class InstalledFile
{
    /**
     * @param  string|null  $written  SHA-256 of the file as it was handed over; null when that never happened
     * @param  string|null  $reported  SHA-256 of the file as the workstation last reported it; null when there is none
     * @param  bool  $isNewest  whether what was handed over is the newest release of its preset and nothing is on its way
     */
    public function __construct(public ?string $written, public ?string $reported, public bool $isNewest)
    {
    }

    public function standing(): Standing
    {
        return match (true) {
            $this->written === null => Standing::NeverHandedOver,
            $this->reported !== $this->written => Standing::ChangedByHand,
            $this->isNewest => Standing::InStep,
            default => Standing::Behind,
        };
    }
}
