<?php

declare(strict_types=1);

namespace App\Suite\Http;

use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Usage\UsageDays;

final class ToldUsageRequest extends FormRequest
{
    /** As many rows as an agent tells at once. */
    private const MOST_ROWS = 20_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['sitting' => ['required', 'integer', 'min:1'], 'rows' => ['present', 'array', 'list', 'max:'.self::MOST_ROWS]];
    }

    /** What is no row of a log is passed over: the rest is not lost for it. */
    public function days(string $application): UsageDays
    {
        $rows = [];
        foreach ((array) $this->input('rows') as $row) {
            $row = is_array($row) ? $row : [];
            [$day, $command] = [$row['day'] ?? null, $row['command'] ?? null];
            $counts = [$row['key'] ?? null, $row['mouse'] ?? null];
            $isRow = is_string($day) && UsageDays::isDay($day) && is_string($command) && $command !== '' && strlen($command) <= 200;
            if ($isRow && array_filter($counts, self::isCount(...)) === $counts) {
                $rows[] = ['day' => $day, 'application' => $application, 'command' => $command, 'key' => $counts[0], 'mouse' => $counts[1]];
            }
        }

        return UsageDays::fromRows($rows);
    }

    private static function isCount(mixed $count): bool
    {
        return is_int($count) && $count >= 0 && $count < 1_000_000_000;
    }
}
