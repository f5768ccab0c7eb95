<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

/**
 * How often commands were used, by key and by mouse, over some days. As a file it is CSV (RFC 4180) with the header
 * `day,application,command,key,mouse`: the day as in 2026-03-02, ids as in the catalogues, two whole numbers.
 */
final readonly class UsageLog
{
    public const COLUMNS = ['day', 'application', 'command', 'key', 'mouse'];

    /**
     * @param  array<string, array<string, Uses>>  $uses  by application and command
     * @param  int  $days  on which something was used
     */
    private function __construct(private array $uses, public int $days)
    {
    }

    public static function empty(): self
    {
        return new self([], 0);
    }

    /**
     * @throws UnreadableUsage with the line; nothing is taken from a file that has one bad line
     */
    public static function fromCsv(string $csv): self
    {
        return UsageDays::fromCsv($csv)->sum();
    }

    /** @param  array<string, array<string, array{int, int}>>  $uses  by application and command: by key, by mouse */
    public static function counted(array $uses, int $days): self
    {
        $made = [];
        foreach ($uses as $application => $commands) {
            foreach ($commands as $command => [$byKey, $byMouse]) {
                $made[$application][$command] = new Uses((string) $application, (string) $command, $byKey, $byMouse);
            }
        }

        return new self($made, $days);
    }

    /** @param  list<array{application: string, command: string, key: int, mouse: int}>  $rows */
    public static function fromData(array $rows, int $days): self
    {
        $uses = [];
        foreach ($rows as $row) {
            $uses[$row['application']][$row['command']] = new Uses($row['application'], $row['command'], $row['key'], $row['mouse']);
        }

        return new self($uses, $days);
    }

    /** @return list<array{application: string, command: string, key: int, mouse: int}> */
    public function toData(): array
    {
        return array_map(
            static fn (Uses $one): array => [
                'application' => $one->application,
                'command' => $one->command,
                'key' => $one->byKey,
                'mouse' => $one->byMouse,
            ],
            $this->all(),
        );
    }

    /** @return list<Uses> the most used first */
    public function all(): array
    {
        $all = array_merge(...array_values(array_map(array_values(...), $this->uses)));
        usort(
            $all,
            static fn (Uses $one, Uses $other): int => [$other->all(), $one->application, $one->command] <=> [
                $one->all(),
                $other->application,
                $other->command,
            ],
        );

        return $all;
    }

    public function of(string $application, string $command): ?Uses
    {
        return $this->uses[$application][$command] ?? null;
    }

    /** @return array{int, int} by key and by mouse, over all commands */
    public function totals(): array
    {
        $totals = [0, 0];
        foreach ($this->uses as $commands) {
            foreach ($commands as $uses) {
                $totals[0] += $uses->byKey;
                $totals[1] += $uses->byMouse;
            }
        }

        return $totals;
    }

    /** Whether anything is known of an application. */
    public function covers(string $application): bool
    {
        return isset($this->uses[$application]);
    }
}
