<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** A workstation of which nothing is known but where its key files lie. */
final class PlainWorkstation implements Workstation
{
    /**
     * @param  array<string, string>  $files  path by application
     * @param  array<string, string>  $usageLogs  path by application
     */
    public function __construct(private readonly array $files, private readonly Disk $disk, private readonly array $usageLogs = [])
    {
    }

    public function disk(): Disk
    {
        return $this->disk;
    }

    public function files(): array
    {
        return $this->files;
    }

    public function usageLogs(): array
    {
        return $this->usageLogs;
    }

    public function running(): array
    {
        return [];
    }

    public function focus(): ?array
    {
        return null;
    }

    public function loads(string $application, ?string $bytes, string $system): array
    {
        return ['loaded' => null, 'says' => null];
    }

    public function press(array $press, string $system): array
    {
        throw new AgentRefuses('Nothing can be rehearsed at this workstation.');
    }
}
