<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** What the agent can see and do at the workstation that it stands on. */
interface Workstation
{
    public function disk(): Disk;

    /** @return array<string, string> path of the key file by application */
    public function files(): array;

    /** @return array<string, string> path of the usage log by application, of those that write one */
    public function usageLogs(): array;

    /** @return list<string> applications that are running; empty where that cannot be told */
    public function running(): array;

    /** @return array{application: string, context: string}|null what has the focus; null where that cannot be told */
    public function focus(): ?array;

    /**
     * Asks an application whether it takes the key file that is there.
     *
     * @return array{loaded: bool|null, says: string|null} null where it cannot be asked
     */
    public function loads(string $application, ?string $bytes, string $system): array;

    /**
     * Presses a chord in an application that can be tried out.
     *
     * @param  array<string, mixed>  $press
     * @return array<string, mixed>
     */
    public function press(array $press, string $system): array;
}
