<?php

declare(strict_types=1);

namespace Zebrafinch\Agent\Tests;

use Closure;
use Zebrafinch\Agent\Disk;
use Zebrafinch\Agent\Installer;
use Zebrafinch\Agent\LocalDisk;
use Zebrafinch\Agent\PlainWorkstation;
use Zebrafinch\Agent\StateFolder;

/** A workstation with three key files, and the agent's own folder beside them. */
final class TestFolder
{
    public const APPLICATIONS = ['cutloom', 'easeframe', 'faderloft'];

    public readonly string $path;

    public function __construct(?string $path = null)
    {
        $this->path = $path ?? sys_get_temp_dir().'/zebrafinch-agent-'.bin2hex(random_bytes(6));
        is_dir($this->path) || mkdir($this->path);
    }

    public function file(string $application): string
    {
        return "{$this->path}/{$application}.keys";
    }

    /** @return array<string, string|null> what is there, by application */
    public function there(): array
    {
        $there = [];
        foreach (self::APPLICATIONS as $application) {
            $there[$application] = is_file($this->file($application)) ? (string) file_get_contents($this->file($application)) : null;
        }

        return $there;
    }

    public function state(): StateFolder
    {
        return StateFolder::open("{$this->path}/agent");
    }

    public function workstation(?Disk $disk = null): PlainWorkstation
    {
        $files = array_map($this->file(...), self::APPLICATIONS);

        return new PlainWorkstation(array_combine(self::APPLICATIONS, $files), $disk ?? new LocalDisk());
    }

    public function installer(StateFolder $state, ?Disk $disk = null, ?Closure $between = null): Installer
    {
        return new Installer($this->workstation($disk), $state, $between);
    }

    /**
     * The entries of an assignment that brings a release, in place of what is there now; its files are fetched.
     *
     * @return list<array{application: string, sha256: string|null, replaces: string|null, given: string|null}>
     */
    public function release(StateFolder $state, string $name): array
    {
        $entries = [];
        foreach ($this->there() as $application => $bytes) {
            $new = "{$name} of {$application}\n".str_repeat('key = command ', 500);
            $state->fetch(hash('sha256', $new), $new);
            $entries[] = [
                'application' => $application,
                'sha256' => hash('sha256', $new),
                'replaces' => $bytes === null ? null : hash('sha256', $bytes),
                'given' => hash('sha256', $new),
            ];
        }

        return $entries;
    }

    /** @return list<string> the release that each file is of, once each; a file that is none of a release as it is */
    public function releases(): array
    {
        $names = array_map(
            static fn (?string $bytes): string => $bytes === null ? 'none' : explode(' of ', $bytes)[0],
            array_values($this->there()),
        );

        return array_values(array_unique($names));
    }

    /** @return list<string> what lies about that should not */
    public function strays(): array
    {
        return array_map(basename(...), [...glob("{$this->path}/*new*") ?: [], ...glob("{$this->path}/agent/*.new") ?: []]);
    }
}
