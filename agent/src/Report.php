<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** What is there, as the server is told of it. */
final class Report
{
    public const VERSION = '1.0';

    /** Copies that are told of, and the largest file that is read: what the server takes. */
    private const MOST_COPIES = 200;

    private const MOST_BYTES = 8_000_000;

    public function __construct(private readonly Workstation $workstation, private readonly StateFolder $state)
    {
    }

    /**
     * @param  array<string, string>  $held  why something due is not there, by application
     * @param  int  $number  of the assignment that is known
     * @return array<string, mixed> without what changes from report to report
     */
    public function of(array $held, string $system, int $number): array
    {
        $files = [];
        foreach ($this->workstation->files() as $application => $path) {
            $bytes = $this->workstation->disk()->read($path);
            $isReadable = $bytes !== false && strlen((string) $bytes) <= self::MOST_BYTES;
            $files[] = [
                'application' => $application,
                // Of a file that cannot be read or is too large, all that can be told is that it is not what was given.
                'sha256' => match (true) {
                    ! $isReadable => str_repeat('0', 64),
                    $bytes === null => null,
                    default => hash('sha256', $bytes),
                },
                'installed' => $this->state->installed($application),
                'held' => $isReadable ? $held[$application] ?? null : 'unreadable',
                ...$this->workstation->loads($application, $isReadable ? $bytes : null, $system),
            ];
        }

        return [
            'version' => self::VERSION,
            'number' => $number,
            'files' => $files,
            'running' => $this->workstation->running(),
            'copies' => array_slice($this->state->copies()->all(), 0, self::MOST_COPIES),
            'focus' => $this->workstation->focus(),
        ];
    }

    /** Bytes of the key file, or the copy, that has this digest; null when there is none any more. */
    public function bytes(string $sha256): ?string
    {
        foreach ($this->workstation->files() as $path) {
            $bytes = $this->workstation->disk()->read($path);
            if (is_string($bytes) && hash('sha256', $bytes) === $sha256) {
                return $bytes;
            }
        }

        return $this->state->copies()->read($sha256);
    }

    public function sequence(): int
    {
        return $this->state->nextSequence();
    }
}
