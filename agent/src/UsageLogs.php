<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/**
 * Reads applications' usage logs while whoever sits there has said yes, and tells what was added since: commands, days, and the hand.
 * Nothing of other columns is looked at, and what stood in a log before the yes is never told.
 */
final class UsageLogs
{
    /** Larger logs are not read; applications begin a new one long before. */
    private const MOST_BYTES = 50_000_000;

    /** So many lines of one application are told at once; what is more waits for the person's own upload. */
    private const MOST_ROWS = 20_000;

    /** @var array<string, string> by application: the state of its log that was read last */
    private array $read = [];

    /** @var array<string, list<array{day: string, command: string, key: int, mouse: int}>> by application: what was told last */
    private array $told = [];

    public function __construct(private readonly Workstation $workstation, private readonly StateFolder $state)
    {
    }

    /**
     * @param  array{sitting: int, logs: array<string, array<string, mixed>>}|null  $asked  as the assignment says it; null for nobody
     * @param  callable(string, list<array{day: string, command: string, key: int, mouse: int}>): void  $tell  for each log that has grown
     */
    public function tell(?array $asked, callable $tell): void
    {
        if ($asked === null) {
            $this->read = $this->told = [];
            $this->state->forgetUsage();

            return;
        }
        foreach ($this->workstation->usageLogs() as $application => $path) {
            $columns = $asked['logs'][$application] ?? null;
            $stamp = "{$asked['sitting']} ".self::stamp($path);
            if ($columns === null || ($this->read[$application] ?? '') === $stamp) {
                continue;
            }
            $now = $this->counts($path, $columns);
            if ($now === null) {
                continue;
            }
            $before = $this->state->usageBefore($asked['sitting'], $application);
            if ($before === null) {
                $this->state->noteUsage($asked['sitting'], $application, $now);
            } else {
                $this->tellNew($application, array_slice(self::since($before, $now), 0, self::MOST_ROWS), $tell);
            }
            $this->read[$application] = $stamp;
        }
    }

    /**
     * @param  list<array{day: string, command: string, key: int, mouse: int}>  $rows
     * @param  callable(string, list<array{day: string, command: string, key: int, mouse: int}>): void  $tell
     */
    private function tellNew(string $application, array $rows, callable $tell): void
    {
        if ($rows !== [] && $rows !== ($this->told[$application] ?? [])) {
            $tell($application, $rows);
            $this->told[$application] = $rows;
        }
    }

    /** Changes with the file. One that was written a moment ago may change again within the same second, and is looked at whole. */
    private static function stamp(string $path): string
    {
        clearstatcache(true, $path);
        $time = is_file($path) ? filemtime($path) : false;
        if ($time === false) {
            return 'none';
        }

        return "{$time} ".filesize($path).($time >= time() - 2 ? ' '.hash_file('xxh128', $path) : '');
    }

    /**
     * @param  array<string, array{int, int}>  $before
     * @param  array<string, array{int, int}>  $now
     * @return list<array{day: string, command: string, key: int, mouse: int}>
     */
    private static function since(array $before, array $now): array
    {
        $rows = [];
        foreach ($now as $id => [$key, $mouse]) {
            [$keyBefore, $mouseBefore] = $before[$id] ?? [0, 0];
            // A log that counts less than before was begun anew: all of it is new.
            $isAnew = $key < $keyBefore || $mouse < $mouseBefore;
            $more = $isAnew ? [$key, $mouse] : [$key - $keyBefore, $mouse - $mouseBefore];
            if ($more[0] + $more[1] > 0) {
                [$day, $command] = explode(' ', (string) $id, 2);
                $rows[] = ['day' => $day, 'command' => $command, 'key' => $more[0], 'mouse' => $more[1]];
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, mixed>  $columns
     * @return array<string, array{int, int}>|null by day and command; null where the log cannot be read, or lacks a column
     */
    private function counts(string $path, array $columns): ?array
    {
        if (! is_file($path)) {
            return [];
        }
        $file = filesize($path) > self::MOST_BYTES ? false : @fopen($path, 'r');
        if ($file === false) {
            return null;
        }
        $header = fgetcsv($file, null, ',', '"', '');
        $at = array_flip(
            is_array($header)
                ? array_map(static fn (?string $one): string => preg_replace('/^\x{FEFF}/u', '', (string) $one) ?? '', $header)
                : [],
        );
        $hand = $columns['hand'] ?? null;
        $wanted = array_filter([
            $columns['day'],
            $columns['command'],
            $columns['key'] ?? null,
            $columns['mouse'] ?? null,
            $hand['column'] ?? null,
        ]);
        if (array_diff($wanted, array_keys($at)) !== []) {
            fclose($file);

            return null;
        }
        $counts = [];
        while (is_array($row = fgetcsv($file, null, ',', '"', ''))) {
            $field = static fn (?string $name): string => $name === null ? '' : (string) ($row[$at[$name]] ?? '');
            $day = substr($field($columns['day']), 0, 10);
            $command = $field($columns['command']);
            $uses =
                $hand === null
                    ? [(int) $field($columns['key'] ?? null), (int) $field($columns['mouse'] ?? null)]
                    : [
                        (int) in_array($field($hand['column']), $hand['key'], true),
                        (int) in_array($field($hand['column']), $hand['mouse'], true),
                    ];
            if ($command !== '' && strlen($command) <= 200 && preg_match('/^\d{4}-\d\d-\d\d$/', $day) === 1 && min($uses) >= 0) {
                $before = $counts["{$day} {$command}"] ?? [0, 0];
                $counts["{$day} {$command}"] = [$before[0] + $uses[0], $before[1] + $uses[1]];
            }
        }
        fclose($file);

        return $counts;
    }
}
