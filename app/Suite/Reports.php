<?php

declare(strict_types=1);

namespace App\Suite;

use App\Library\Library;
use App\Models\StoredFile;
use App\Models\Suite;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Suite\FoundFile;
use Zebrafinch\Core\Suite\ReportedFile;
use Zebrafinch\Core\Suite\SuiteState;

/** Takes what agents tell: each report once, however often and however late it comes. */
final readonly class Reports
{
    /** An agent that says nothing for this long may be replaced by another with the same token. */
    private const SECONDS_UNTIL_REPLACED = 60;

    /** The digest of what cannot be read, or is too large to be sent: nobody has its bytes. */
    private const UNREADABLE = '0000000000000000000000000000000000000000000000000000000000000000';

    public function __construct(
        private Assignments $assignments,
        private Presence $presence,
        private Rollouts $rollouts,
        private Story $story,
        private Library $library,
    ) {
    }

    /** @throws SuiteRefused */
    public function identify(Suite $suite, string $instance): void
    {
        $known = $suite->agent['instance'] ?? null;
        if ($known === $instance) {
            $this->presence->heard($suite);

            return;
        }
        $heard = $this->presence->heardAt($suite);
        if ($known !== null && $heard?->gt(now()->subSeconds(self::SECONDS_UNTIL_REPLACED))) {
            Suite::query()->whereKey($suite->id)->update(['second_agent_at' => now()]);
            throw SuiteRefused::secondAgent($suite);
        }
        $this->assignments->change($suite, static fn (Suite $locked) => ($locked->agent = ['instance' => $instance, 'sequence' => 0]));
        $suite->refresh();
        $this->presence->heard($suite);
    }

    /** @return list<string> digests of files that have to be sent before the report can be taken */
    public function take(Suite $suite, AgentReport $report): array
    {
        return DB::transaction(function () use ($suite, $report): array {
            $locked = Suite::query()->lockForUpdate()->findOrFail($suite->id);
            if ($report->sequence <= ($locked->agent['sequence'] ?? 0)) {
                return [];
            }
            $files = array_intersect_key($report->files, array_fill_keys($locked->keyFileOwners(), true));
            $missing = $this->missing($files);
            if ($missing !== []) {
                return $missing;
            }
            $before = $locked->state;
            $isCurrent = $report->number >= $locked->number;
            $locked->agent = [
                'sequence' => $report->sequence,
                'version' => $report->version,
                // Clocks differ; what the agent dates is told by the clock that everybody here shares.
                'skew_seconds' => now()->getTimestamp() - $report->at,
                'running' => $report->running,
            ] + $locked->agent;
            $locked->copies = $report->copies;
            $locked->focus = $report->focus;
            $locked->last_seen_at = Carbon::now();
            $this->assignments->step($locked, static fn (SuiteState $state): SuiteState => $state->reported($files, $isCurrent));
            $this->tellChanges($locked, $before, $files);
            $this->noteOffers($locked, $before);
            $this->rollouts->advanceIn($locked);

            return [];
        });
    }

    /**
     * @param  array<string, ReportedFile>  $files
     * @return list<string>
     */
    private function missing(array $files): array
    {
        $digests = array_unique(
            array_filter(
                array_map(static fn (ReportedFile $one): ?string => $one->sha256, $files),
                static fn (?string $one): bool => $one !== null && $one !== self::UNREADABLE,
            ),
        );
        $stored = StoredFile::query()->whereIn('sha256', $digests)->pluck('sha256')->all();

        return array_values(array_diff($digests, $stored));
    }

    /** @param  array<string, ReportedFile>  $files */
    private function tellChanges(Suite $suite, SuiteState $before, array $files): void
    {
        foreach ($files as $application => $file) {
            $was = $before->report($application);
            if (! $before->isReported($application) || $was->sha256 === $file->sha256) {
                continue;
            }
            $name = $this->library->nameOf($application);
            $label = $this->assignments->label($suite, $file->sha256);
            $isFound = in_array($file->sha256, array_map(static fn (FoundFile $one): ?string => $one->sha256, $before->found()), true);
            $installed = $label === null ? "{$name} was installed" : "{$name}: {$label['preset']} {$label['number']} is there";
            [$kind, $what] = match (true) {
                $isFound && $before->isGivingBack() => ['given-back', "{$name} is as it was found"],
                $file->sha256 === null => ['by-hand', "{$name}: the key file was taken away by hand"],
                $file->isGiven() => ['installed', $installed],
                default => ['by-hand', "{$name} was changed by hand"],
            };
            $this->story->tell($suite, null, $kind, $what);
        }
    }

    /** What somebody changed by hand while they sat there is offered to them; and when all is back, that is noted. */
    private function noteOffers(Suite $suite, SuiteState $before): void
    {
        if ($before->found() === []) {
            return;
        }
        $sitting = $suite->sittings()->orderByDesc('id')->first();
        if ($sitting === null) {
            return;
        }
        $offered = $sitting->offered;
        foreach ($suite->state->found() as $application => $file) {
            // Offered once, when it is first told of: what they have taken or let be does not come again.
            $isNew = $file->byHand !== null && $file->byHand !== ($before->found()[$application]->byHand ?? null);
            if ($isNew && $file->byHand !== self::UNREADABLE && $file->guests !== []) {
                $offered[$application] = ['given' => $this->lastGiven($file), 'by_hand' => $file->byHand];
            }
        }
        $isBack = $sitting->ended_at !== null && ! $suite->state->isGivingBack();
        $sitting->update(['offered' => $offered] + ($isBack && $sitting->given_back_at === null ? ['given_back_at' => now()] : []));
    }

    private function lastGiven(FoundFile $file): string
    {
        $given = array_values(array_filter($file->guests, static fn (string $one): bool => $one !== $file->byHand));

        return $given[count($given) - 1] ?? $file->guests[0];
    }
}
