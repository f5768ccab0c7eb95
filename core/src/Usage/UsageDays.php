<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

use Zebrafinch\Core\Text\Csv\CsvReader;
use Zebrafinch\Core\Text\MalformedText;

/**
 * How often commands were used on each day, by key and by mouse. Days are dates as the log writes them, without a clock or a zone; weeks
 * begin on Mondays. As a file it is CSV (RFC 4180) with the header `day,application,command,key,mouse`.
 */
final readonly class UsageDays
{
    /** A year of every command of a dozen applications has far fewer; what has more was made by no person. */
    public const MOST_LINES = 500_000;

    public const MOST_COMMANDS = 20_000;

    /** As long as an id may be. */
    private const LONGEST_ID = 200;

    /** @param  array<string, array<string, array<string, array{int, int}>>>  $days  by day, application and command: by key, by mouse */
    private function __construct(private array $days)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param  string  $of  the application that a log is of which has no column for it
     *
     * @throws UnreadableUsage with the line; nothing is taken from a file that has one bad line
     */
    public static function fromCsv(string $csv, ?UsageColumns $columns = null, string $of = ''): self
    {
        if (! mb_check_encoding($csv, 'UTF-8') || str_contains($csv, "\0")) {
            throw UnreadableUsage::encoding();
        }
        $columns ??= UsageColumns::own();
        $days = $known = [];
        $commands = $lines = 0;
        $at = null;
        $width = 0;
        foreach (self::records($csv) as $line => $row) {
            if ($at === null) {
                $at = $columns->in($row);
                $width = count($row);

                continue;
            }
            if (count($row) !== $width) {
                throw UnreadableUsage::row($line, sprintf('it has %d fields, and %d are wanted', count($row), $width));
            }
            $day = substr($row[$at[$columns->day]], 0, 10);
            if (! isset($days[$day]) && ! self::isDay($day)) {
                throw UnreadableUsage::row($line, "\"{$row[$at[$columns->day]]}\" is no day such as 2026-03-02");
            }
            $uses = self::uses($columns, $row, $at, $line);
            if ($uses === null) {
                continue;
            }
            $application = $columns->application === null ? $of : $row[$at[$columns->application]];
            $command = $row[$at[$columns->command]];
            if (strlen($application) > self::LONGEST_ID || strlen($command) > self::LONGEST_ID) {
                throw UnreadableUsage::row($line, 'an application or a command has a name of more than '.self::LONGEST_ID.' bytes');
            }
            if (! isset($known[$application][$command])) {
                $known[$application][$command] = true;
                $commands++;
            }
            if (++$lines > self::MOST_LINES || $commands > self::MOST_COMMANDS) {
                throw UnreadableUsage::tooMuch(self::MOST_LINES, self::MOST_COMMANDS);
            }
            [$byKey, $byMouse] = $days[$day][$application][$command] ?? [0, 0];
            $days[$day][$application][$command] = [$byKey + $uses[0], $byMouse + $uses[1]];
        }
        if ($at === null) {
            throw UnreadableUsage::header($columns->wanted());
        }
        ksort($days, SORT_STRING);

        return new self($days);
    }

    /** @param  iterable<array{day: string, application: string, command: string, key: int, mouse: int}>  $rows */
    public static function fromRows(iterable $rows): self
    {
        $days = [];
        foreach ($rows as ['day' => $day, 'application' => $application, 'command' => $command, 'key' => $key, 'mouse' => $mouse]) {
            [$byKey, $byMouse] = $days[$day][$application][$command] ?? [0, 0];
            $days[$day][$application][$command] = [$byKey + $key, $byMouse + $mouse];
        }
        ksort($days, SORT_STRING);

        return new self($days);
    }

    /** @return iterable<array{day: string, application: string, command: string, key: int, mouse: int}> day by day */
    public function rows(): iterable
    {
        foreach ($this->days as $day => $applications) {
            foreach ($applications as $application => $commands) {
                foreach ($commands as $command => [$key, $mouse]) {
                    yield [
                        'day' => (string) $day,
                        'application' => (string) $application,
                        'command' => (string) $command,
                        'key' => $key,
                        'mouse' => $mouse,
                    ];
                }
            }
        }
    }

    /**
     * The same with other names for commands; what then has one name is added up.
     *
     * @param  callable(string): string  $name
     */
    public function named(callable $name): self
    {
        $rows = [];
        foreach ($this->rows() as $row) {
            $rows[] = ['command' => $name($row['command'])] + $row;
        }

        return self::fromRows($rows);
    }

    public function isEmpty(): bool
    {
        return $this->days === [];
    }

    /** @return list<string> days on which something was used, the earliest first */
    public function days(): array
    {
        return array_map(strval(...), array_keys($this->days));
    }

    /** All days added up. */
    public function sum(): UsageLog
    {
        $uses = [];
        foreach ($this->days as $applications) {
            foreach ($applications as $application => $commands) {
                foreach ($commands as $command => [$byKey, $byMouse]) {
                    $before = $uses[$application][$command] ?? [0, 0];
                    $uses[$application][$command] = [$before[0] + $byKey, $before[1] + $byMouse];
                }
            }
        }

        return UsageLog::counted($uses, count($this->days));
    }

    /** @return array<string, UsageLog> by the Monday of each calendar week in which something was used, the earliest first */
    public function weeks(): array
    {
        return array_map(static fn (array $days): UsageLog => (new self($days))->sum(), $this->byWeek());
    }

    /** @return list<string> the Monday of each calendar week in which something was used, the earliest first */
    public function mondays(): array
    {
        return array_map(strval(...), array_keys($this->byWeek()));
    }

    /** The last calendar weeks in which something was used, at most so many. */
    public function lastWeeks(int $most): self
    {
        $days = array_slice($this->byWeek(), -$most, null, true);

        return new self(array_merge([], ...array_values($days)));
    }

    /** @return array<string, array<string, array<string, array<string, array{int, int}>>>> the days by the Monday of their week */
    private function byWeek(): array
    {
        $weeks = [];
        foreach ($this->days as $day => $applications) {
            $weeks[self::mondayOf((string) $day)][(string) $day] = $applications;
        }

        return $weeks;
    }

    /** @param  string  $day  as in 2026-03-04 */
    public static function mondayOf(string $day): string
    {
        return CalendarDay::of($day)->monday()->text();
    }

    public static function isDay(string $text): bool
    {
        return preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $text, $found) === 1 && checkdate((int) $found[2], (int) $found[3], (int) $found[1]);
    }

    /**
     * @param  list<string>  $row
     * @param  array<string, int>  $at
     * @return array{int, int}|null by key and by mouse; null for a use that was made in another way
     */
    private static function uses(UsageColumns $columns, array $row, array $at, int $line): ?array
    {
        $hand = $columns->hand === null ? null : $row[$at[$columns->hand]];
        if ($hand !== null && ! in_array($hand, [...$columns->keyWords, ...$columns->mouseWords], true)) {
            return null;
        }
        $counts = [];
        foreach ([$columns->key, $columns->mouse] as $index => $column) {
            $text = match (true) {
                $column !== null => $row[$at[$column]],
                $hand !== null => in_array($hand, $index === 0 ? $columns->keyWords : $columns->mouseWords, true) ? '1' : '0',
                default => '0',
            };
            if (preg_match('/^\d{1,9}$/', $text) !== 1) {
                throw UnreadableUsage::row($line, "how often a command was used must be whole numbers, and \"{$text}\" is none");
            }
            $counts[] = (int) $text;
        }

        return [$counts[0], $counts[1]];
    }

    /** @return iterable<int, list<string>> by line */
    private static function records(string $csv): iterable
    {
        try {
            foreach (CsvReader::of($csv) as $line => [$fields]) {
                if (count($fields) > 1 || $fields[0][0] !== '') {
                    yield $line => array_column($fields, 0);
                }
            }
        } catch (MalformedText $error) {
            throw UnreadableUsage::because($error);
        }
    }
}
