<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

use Zebrafinch\Core\Text\Csv\CsvRecords;
use Zebrafinch\Core\Text\MalformedText;

/**
 * How often commands were used, by key and by mouse. As a file it is CSV (RFC 4180) with the header
 * `day,application,command,key,mouse`: the day as in 2026-03-02, ids as in the catalogues, two whole numbers.
 */
final readonly class UsageLog
{
    public const COLUMNS = ['day', 'application', 'command', 'key', 'mouse'];

    /** A year of every command of a dozen applications has far fewer; what has more was made by no person. */
    public const MOST_LINES = 500_000;

    public const MOST_COMMANDS = 20_000;

    /** As long as an id may be. */
    private const LONGEST_ID = 200;

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
        if (! mb_check_encoding($csv, 'UTF-8') || str_contains($csv, "\0")) {
            throw UnreadableUsage::encoding();
        }
        $uses = [];
        $days = [];
        $commands = $lines = 0;
        $isHeader = true;
        foreach (self::rows($csv) as $line => $row) {
            if ($isHeader) {
                $isHeader = false;
                if ($row !== self::COLUMNS) {
                    throw UnreadableUsage::header(self::COLUMNS);
                }

                continue;
            }
            if (count($row) !== count(self::COLUMNS)) {
                throw UnreadableUsage::row($line, sprintf('it has %d fields, and %d are wanted', count($row), count(self::COLUMNS)));
            }
            [$day, $application, $command, $key, $mouse] = $row;
            if (preg_match('/^\d{4}-\d\d-\d\d$/', $day) !== 1) {
                throw UnreadableUsage::row($line, "\"{$day}\" is no day such as 2026-03-02");
            }
            if (preg_match('/^\d{1,9}$/', $key) !== 1 || preg_match('/^\d{1,9}$/', $mouse) !== 1) {
                throw UnreadableUsage::row(
                    $line,
                    "how often a command was used must be whole numbers, and \"{$key}\" and \"{$mouse}\" are not both",
                );
            }
            if (strlen($application) > self::LONGEST_ID || strlen($command) > self::LONGEST_ID) {
                throw UnreadableUsage::row($line, 'an application or a command has a name of more than '.self::LONGEST_ID.' bytes');
            }
            $commands += isset($uses[$application][$command]) ? 0 : 1;
            if (++$lines > self::MOST_LINES || $commands > self::MOST_COMMANDS) {
                throw UnreadableUsage::tooMuch(self::MOST_LINES, self::MOST_COMMANDS);
            }
            $days[$day] = true;
            $uses[$application][$command] = ($uses[$application][$command] ?? new Uses($application, $command, 0, 0))->plus(
                (int) $key,
                (int) $mouse,
            );
        }
        if ($isHeader) {
            throw UnreadableUsage::header(self::COLUMNS);
        }

        return new self($uses, count($days));
    }

    /** @return iterable<int, list<string>> by line */
    private static function rows(string $csv): iterable
    {
        try {
            foreach (CsvRecords::of($csv) as $line => [$fields]) {
                if (count($fields) > 1 || $fields[0][0] !== '') {
                    yield $line => array_column($fields, 0);
                }
            }
        } catch (MalformedText $error) {
            throw UnreadableUsage::because($error);
        }
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

    /** Whether anything is known of an application. */
    public function covers(string $application): bool
    {
        return isset($this->uses[$application]);
    }
}
