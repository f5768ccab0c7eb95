<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Usage\UsageDays;
use Zebrafinch\Core\Usage\UsageLog;

/**
 * What learning has saved so far, measured from the logs: in each week after somebody began, how many uses were no longer made by mouse
 * that would have been at the old share, times what each takes less. Never negative.
 */
final readonly class Progress
{
    /** From this share by mouse on something learned counts as forgotten, where it was used often enough to tell. */
    private const FORGOTTEN_SHARE = 0.5;

    private const FORGOTTEN_USES = 4;

    /** By so many of the latest weeks. */
    private const FORGETTING_WEEKS = 2;

    /** @param  list<SavedWeek>  $weeks  those in which something was used, the earliest first */
    private function __construct(public array $weeks)
    {
    }

    /** @param  list<BeforeLearning>  $begun */
    public static function of(UsageDays $days, array $begun): self
    {
        $weeks = [];
        foreach ($days->weeks() as $monday => $log) {
            $saved = 0.0;
            foreach ($begun as $one) {
                // The week in which it began is neither before nor after.
                if ($monday > $one->since) {
                    $saved += self::saved($log, $one);
                }
            }
            [$byKey, $byMouse] = $log->totals();
            $weeks[] = new SavedWeek((string) $monday, $byKey, $byMouse, $saved);
        }

        return new self($weeks);
    }

    private static function saved(UsageLog $log, BeforeLearning $one): float
    {
        $uses = $log->of($one->application, $one->command);
        if ($uses === null) {
            return 0.0;
        }

        return max(0.0, $uses->all() * $one->mouseShare - $uses->byMouse) * max(0.0, $one->seconds);
    }

    /** Seconds. */
    public function sum(): float
    {
        return array_sum(array_map(static fn (SavedWeek $one): float => $one->saved, $this->weeks));
    }

    /**
     * Whether something that was learned is done by mouse again, by the latest weeks of the log that lie wholly after it was learned.
     *
     * @param  string  $learnedOn  a day, as the log writes them
     */
    public static function isForgotten(UsageDays $days, string $learnedOn, string $application, string $command): bool
    {
        $latest = $days->lastWeeks(self::FORGETTING_WEEKS);
        $mondays = $latest->mondays();
        $uses = $mondays === [] || $mondays[0] <= $learnedOn ? null : $latest->sum()->of($application, $command);

        return $uses !== null && $uses->all() >= self::FORGOTTEN_USES && $uses->byMouse / $uses->all() > self::FORGOTTEN_SHARE;
    }
}
