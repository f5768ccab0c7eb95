<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** What was overwritten. The newest of each application always stay; others go when they are too many or too old. */
final class Copies
{
    public const MOST_OF_AN_APPLICATION = 40;

    public const ALWAYS = 5;

    public const DAYS = 90;

    public function __construct(private readonly string $path, private readonly LocalDisk $disk)
    {
    }

    /** @throws CannotWrite */
    public function add(string $application, string $bytes, int $now): void
    {
        $sha256 = hash('sha256', $bytes);
        if (($this->of($application)[0]['sha256'] ?? null) === $sha256) {
            return;
        }
        $path = sprintf('%s/%011d-%s-%s', $this->path, $now, $application, $sha256);
        $this->disk->write("{$path}.new", $bytes);
        $this->disk->rename("{$path}.new", $path);
        $this->prune($application, $now);
    }

    /** @return list<array{application: string, sha256: string, taken_at: int, bytes: int}> the newest first */
    public function all(): array
    {
        $copies = [];
        foreach (glob("{$this->path}/*") ?: [] as $path) {
            // A file of somebody else is not looked at, and never removed.
            if (preg_match('/^(\d{11})-(.+)-([0-9a-f]{64})$/', basename($path), $parts) === 1) {
                $copies[] = [
                    'application' => $parts[2],
                    'sha256' => $parts[3],
                    'taken_at' => (int) $parts[1],
                    'bytes' => (int) filesize($path),
                ];
            }
        }

        return array_reverse($copies);
    }

    public function read(string $sha256): ?string
    {
        foreach (glob("{$this->path}/*-{$sha256}") ?: [] as $path) {
            $bytes = $this->disk->read($path);
            if (is_string($bytes) && hash('sha256', $bytes) === $sha256) {
                return $bytes;
            }
        }

        return null;
    }

    /** @return list<array{application: string, sha256: string, taken_at: int, bytes: int}> the newest first */
    private function of(string $application): array
    {
        return array_values(array_filter($this->all(), static fn (array $one): bool => $one['application'] === $application));
    }

    private function prune(string $application, int $now): void
    {
        foreach (array_slice($this->of($application), self::ALWAYS) as $index => $copy) {
            if ($index + self::ALWAYS >= self::MOST_OF_AN_APPLICATION || $copy['taken_at'] < $now - self::DAYS * 86_400) {
                $this->disk->remove(sprintf('%s/%011d-%s-%s', $this->path, $copy['taken_at'], $application, $copy['sha256']));
            }
        }
    }
}
