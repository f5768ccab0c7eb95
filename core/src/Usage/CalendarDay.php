<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

/**
 * A day of the Gregorian calendar, as logs write it. Counted from 1970-01-01 by the arithmetic of the calendar alone: its 400 years have
 * 146,097 days, and years are taken to begin in March, so that the leap day is the last.
 */
final readonly class CalendarDay
{
    private const DAYS_IN_400_YEARS = 146_097;

    /** From the first of March of the year 0 to 1970-01-01. */
    private const TO_1970 = 719_468;

    /** 1970-01-01 was a Thursday. */
    private const FIRST_WEEKDAY = 3;

    private function __construct(private int $since1970)
    {
    }

    /** @param  string  $text  as in 2026-03-04, a day that there is */
    public static function of(string $text): self
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $text) + [1 => '1', 2 => '1']);
        $year -= $month <= 2 ? 1 : 0;
        $era = intdiv($year, 400);
        $yearOfEra = $year - $era * 400;
        $dayOfYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;
        $dayOfEra = $yearOfEra * 365 + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100) + $dayOfYear;

        return new self($era * self::DAYS_IN_400_YEARS + $dayOfEra - self::TO_1970);
    }

    public function monday(): self
    {
        $weekday = ($this->since1970 + self::FIRST_WEEKDAY) % 7;

        return new self($this->since1970 - ($weekday < 0 ? $weekday + 7 : $weekday));
    }

    /** As in 2026-03-02. */
    public function text(): string
    {
        $days = $this->since1970 + self::TO_1970;
        $era = intdiv($days, self::DAYS_IN_400_YEARS);
        $dayOfEra = $days - $era * self::DAYS_IN_400_YEARS;
        $leaps = intdiv($dayOfEra, 1_460) - intdiv($dayOfEra, 36_524) + intdiv($dayOfEra, 146_096);
        $yearOfEra = intdiv($dayOfEra - $leaps, 365);
        $dayOfYear = $dayOfEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $monthFromMarch = intdiv(5 * $dayOfYear + 2, 153);
        $month = $monthFromMarch + ($monthFromMarch < 10 ? 3 : -9);
        $year = $yearOfEra + $era * 400 + ($month <= 2 ? 1 : 0);

        return sprintf('%04d-%02d-%02d', $year, $month, $dayOfYear - intdiv(153 * $monthFromMarch + 2, 5) + 1);
    }
}
