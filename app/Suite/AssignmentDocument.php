<?php

declare(strict_types=1);

namespace App\Suite;

use App\Library\Library;
use App\Models\RehearsalPress;
use App\Models\Suite;
use App\Usage\LogColumns;
use Zebrafinch\Core\Suite\DueFile;

/** What an agent is told when it asks. docs/workstations.md describes it. */
final readonly class AssignmentDocument
{
    public const FORMAT = 'zebrafinch-assignment/1';

    /** While somebody rehearses in the suite, its agent asks this often. In ms. */
    private const POLL_REHEARSING = 150;

    private const POLL = 1000;

    /** With more suites than this each asks half as often. */
    private const MANY = 60;

    private const REHEARSAL_ENDS_AFTER_MINUTES = 2;

    public function __construct(private Library $library)
    {
    }

    /** @return array<string, mixed> */
    public function of(Suite $suite): array
    {
        $recent = $suite->presses()->where('created_at', '>', now()->subMinutes(self::REHEARSAL_ENDS_AFTER_MINUTES))->orderBy('id')->get();
        $open = $recent->filter(
            static fn (RehearsalPress $press): bool => $press->is_done === null &&
                $press->created_at->gt(now()->subSeconds(RehearsalPress::SECONDS_TO_ANSWER)),
        );

        return [
            ...$this->forStick($suite),
            'usage' => $this->usage($suite),
            'presses' => $open->map(static fn (RehearsalPress $one): array => ['id' => $one->id, ...$one->payload])->values()->all(),
            'poll_after_ms' => match (true) {
                $recent->isNotEmpty() => self::POLL_REHEARSING,
                Suite::query()->count() > self::MANY => 2 * self::POLL,
                default => self::POLL,
            },
        ];
    }

    /** @return array<string, mixed>|null whose uses are told, and where each log says what; null where nobody has said yes */
    private function usage(Suite $suite): ?array
    {
        $sitting = $suite->sitting;
        if ($sitting === null || ! $sitting->tells_usage) {
            return null;
        }
        $logs = [];
        foreach ($this->library->known($suite->applications) as $id) {
            $logs[$id] = LogColumns::of($this->library, $id)->toData();
        }

        return ['sitting' => $sitting->id, 'logs' => $logs];
    }

    /** @return array<string, mixed> the part that needs nobody to answer */
    public function forStick(Suite $suite): array
    {
        $state = $suite->state;
        $files = $state->toInstall();

        return [
            'format' => self::FORMAT,
            'suite' => $suite->slug,
            'system' => $suite->system->value,
            'number' => $suite->number,
            'when' => $suite->install_when,
            'install' => array_map(
                static fn (string $application, DueFile $due): array => [
                    'application' => $application,
                    'sha256' => $due->sha256,
                    'replaces' => $state->report($application)->sha256,
                    'given' => $due->given,
                ],
                array_keys($files),
                array_values($files),
            ),
        ];
    }
}
