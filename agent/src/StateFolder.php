<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/**
 * The agent's own folder: who it is, what it has installed, an installation that is under way, and the files that it has fetched.
 *
 * @phpstan-type Entry array{application: string, sha256: string|null, replaces: string|null, given: string|null}
 * @phpstan-type Journal array{number: int, files: list<Entry>}
 */
final class StateFolder
{
    private readonly LocalDisk $disk;

    /** @var array{instance: string, sequence: int, number: int, installed: array<string, string|null>} */
    private array $state;

    /** @param  resource  $lock  held as long as this process lives */
    private function __construct(private readonly string $path, private readonly mixed $lock)
    {
        $this->disk = new LocalDisk();
        $read = json_decode((string) $this->disk->read("{$path}/state.json"), true);
        $this->state = (is_array($read) ? $read : []) + [
            'instance' => bin2hex(random_bytes(8)),
            'sequence' => 0,
            'number' => 0,
            'installed' => [],
        ];
        $this->store();
    }

    /** @throws AgentRefuses when another agent works with the same folder */
    public static function open(string $path): self
    {
        is_dir("{$path}/fetched") || @mkdir("{$path}/fetched", 0775, true);
        $lock = @fopen("{$path}/lock", 'c');
        if ($lock === false) {
            throw new AgentRefuses("The folder {$path} cannot be written.");
        }
        if (! flock($lock, LOCK_EX | LOCK_NB)) {
            throw new AgentRefuses("Another agent works with the folder {$path} already.");
        }

        self::sweep($path);

        return new self($path, $lock);
    }

    /** What was half written when the agent was killed; whatever else lies there is not the agent's. */
    private static function sweep(string $path): void
    {
        foreach (['', '/fetched', '/copies'] as $folder) {
            foreach (glob("{$path}{$folder}/*.new") ?: [] as $half) {
                if (preg_match('/^(state\.json|journal\.json|[0-9a-f]{64}|\d{11}-.+-[0-9a-f]{64})\.new$/', basename($half)) === 1) {
                    unlink($half);
                }
            }
        }
    }

    /** Ends the hold on the folder; another agent may open it. */
    public function close(): void
    {
        flock($this->lock, LOCK_UN);
    }

    /** Tells this agent from another with the same token. */
    public function instance(): string
    {
        return $this->state['instance'];
    }

    /** Of the last assignment that was installed. */
    public function number(): int
    {
        return $this->state['number'];
    }

    /** What was last put there as given; null for nothing. */
    public function installed(string $application): ?string
    {
        return $this->state['installed'][$application] ?? null;
    }

    public function nextSequence(): int
    {
        $this->state['sequence']++;
        try {
            $this->store();
        } catch (CannotWrite) {
            // What is wrong must be told all the same, just when the disk takes nothing.
        }

        return $this->state['sequence'];
    }

    /** @param  array<string, string|null>  $given  by application */
    public function note(int $number, array $given): void
    {
        $this->state['number'] = max($number, $this->state['number']);
        $this->state['installed'] = $given + $this->state['installed'];
        $this->store();
    }

    /** @return Journal|null */
    public function journal(): ?array
    {
        $journal = json_decode((string) $this->disk->read("{$this->path}/journal.json"), true);

        /** @var Journal|null $known what only this class writes */
        $known = is_array($journal) ? $journal : null;

        return $known;
    }

    /** @param  Journal  $journal */
    public function begin(array $journal): void
    {
        $this->replace('journal.json', json_encode($journal, JSON_THROW_ON_ERROR));
    }

    public function end(): void
    {
        $this->disk->remove("{$this->path}/journal.json");
    }

    /** A file that was fetched; null when it was not, or has not arrived whole. */
    public function fetched(string $sha256): ?string
    {
        $bytes = $this->disk->read("{$this->path}/fetched/{$sha256}");

        return is_string($bytes) && hash('sha256', $bytes) === $sha256 ? $bytes : null;
    }

    public function fetch(string $sha256, string $bytes): void
    {
        $this->replace("fetched/{$sha256}", $bytes);
    }

    /** @param  list<string>  $needed  digests of what may be needed still */
    public function forgetFetchedBut(array $needed): void
    {
        foreach (glob("{$this->path}/fetched/*") ?: [] as $path) {
            if (! in_array(basename($path), $needed, true)) {
                $this->disk->remove($path);
            }
        }
    }

    public function copies(): Copies
    {
        return new Copies("{$this->path}/copies", $this->disk);
    }

    /**
     * What an application's usage log counted when somebody said yes to its being told; null where that was not noted yet.
     *
     * @return array<string, array{int, int}>|null
     */
    public function usageBefore(int $sitting, string $application): ?array
    {
        $noted = json_decode((string) $this->disk->read($this->usagePath($sitting, $application)), true);

        /** @var array<string, array{int, int}>|null $known what only this class writes */
        $known = is_array($noted) ? $noted : null;

        return $known;
    }

    /** @param  array<string, array{int, int}>  $counts */
    public function noteUsage(int $sitting, string $application, array $counts): void
    {
        $this->replace(basename($this->usagePath($sitting, $application)), json_encode((object) $counts, JSON_THROW_ON_ERROR));
    }

    public function forgetUsage(): void
    {
        foreach (glob("{$this->path}/usage-*.json") ?: [] as $path) {
            $this->disk->remove($path);
        }
    }

    private function usagePath(int $sitting, string $application): string
    {
        return "{$this->path}/usage-{$sitting}-".preg_replace('/[^a-z0-9-]/', '_', $application).'.json';
    }

    private function store(): void
    {
        $this->replace('state.json', json_encode($this->state, JSON_THROW_ON_ERROR));
    }

    private function replace(string $name, string $bytes): void
    {
        $this->disk->write("{$this->path}/{$name}.new", $bytes);
        $this->disk->rename("{$this->path}/{$name}.new", "{$this->path}/{$name}");
    }
}
