<?php

declare(strict_types=1);

namespace App\Suite;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Library\Library;
use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Preset\Gate;
use App\Preset\HouseStandard;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Suite\FoundFile;
use Zebrafinch\Core\Suite\RolloutCourse;
use Zebrafinch\Core\Suite\RolloutProgress;
use Zebrafinch\Core\Suite\RolloutState;
use Zebrafinch\Core\Suite\RolloutStep;
use Zebrafinch\Core\Suite\SuiteState;

/**
 * One release to several suites: one first if wanted, stopped by the first fault, and back again.
 *
 * @phpstan-import-type Before from RolloutSuite
 */
final readonly class Rollouts
{
    public function __construct(
        private Assignments $assignments,
        private Gate $gate,
        private Presence $presence,
        private Story $story,
        private Library $library,
        private Journal $journal,
    ) {
    }

    /**
     * @param  Collection<int, Suite>  $suites
     * @param  array<string, array<string, string>>  $allowed  by suite and application: digests of files that nobody gave and that may go
     *
     * @throws \App\Preset\PresetRefused|SuiteRefused
     */
    public function start(
        User $user,
        Release $release,
        Collection $suites,
        ?Suite $first,
        string $when,
        ?Carbon $at,
        Seat $seat,
        Acknowledgement $yes,
        array $allowed,
    ): Rollout {
        return DB::transaction(function () use ($user, $release, $suites, $first, $when, $at, $seat, $yes, $allowed): Rollout {
            $this->requireNoOther($suites);
            $problems = $this->problems($release, $suites, $seat);
            $yes->check($problems);
            $rollout = Rollout::query()->create([
                'release_id' => $release->id,
                'user_id' => $user->id,
                'state' => match (true) {
                    ! $user->role->keepsSuites() => RolloutState::Proposed,
                    $at !== null => RolloutState::Planned,
                    default => RolloutState::Running,
                },
                'install_when' => $when,
                'begins_at' => $at,
                'first_suite_id' => $first?->id,
                'reason' => $problems === [] ? null : $yes->reason,
                'accepted' => array_map(static fn (Problem $one): string => $one->id, $problems),
            ]);
            foreach ($suites as $suite) {
                $rollout->suites()->create([
                    'suite_id' => $suite->id,
                    'step' => RolloutStep::Waiting,
                    'allowed' => $allowed[$suite->slug] ?? [],
                ]);
            }
            $this->journal->note('rollout-begun', Subject::release($release));
            $this->advance($rollout);

            return $rollout;
        });
    }

    /**
     * @param  Collection<int, Suite>  $suites
     * @return list<Problem> all but those that were accepted when the release was made
     */
    public function problems(Release $release, Collection $suites, Seat $seat): array
    {
        $fixed = $release->preset->is_standard ? $release->content()->fixed : HouseStandard::fixed();
        $accepted = array_column($release->accepted, 'id');

        return array_values(
            array_filter(
                $this->gate->problems($release->files->pluck('bytes', 'application')->all(), $fixed, $seat, $suites),
                static fn (Problem $one): bool => ! in_array($one->id, $accepted, true),
            ),
        );
    }

    /** A keeper lets a rollout go on that was proposed, has stopped, or was paused. */
    public function goOn(Rollout $rollout, User $user): void
    {
        $this->turn($rollout, 'go on', [RolloutState::Proposed, RolloutState::Paused, RolloutState::Stopped], function (
            Rollout $locked,
        ) use ($user): void {
            foreach ($locked->suites()->where('step', RolloutStep::Faulty)->with('suite')->get() as $step) {
                $step->update(['step' => RolloutStep::UnderWay, 'fault' => null]);
            }
            $isPlanned = $locked->begins_at !== null && $locked->begins_at->isFuture();
            $this->become($locked, $isPlanned ? RolloutState::Planned : RolloutState::Running);
            $this->tellAll($locked, $user, 'went on');
            $this->advance($locked);
        });
    }

    public function pause(Rollout $rollout, User $user): void
    {
        $this->turn($rollout, 'pause', [RolloutState::Running, RolloutState::Planned], function (Rollout $locked) use ($user): void {
            $this->become($locked, RolloutState::Paused);
            $this->tellAll($locked, $user, 'was paused');
        });
    }

    /** Suites that have the release keep it; those to which it is on its way have what they had. */
    public function cancel(Rollout $rollout, User $user): void
    {
        $this->turn($rollout, 'be cancelled', [...RolloutState::open(), RolloutState::Proposed], function (Rollout $locked) use (
            $user,
        ): void {
            foreach ($locked->suites()->where('step', '!=', RolloutStep::Done)->with('suite')->get() as $step) {
                $this->takeBack($step);
            }
            $this->become($locked, RolloutState::Cancelled);
            $this->tellAll($locked, $user, 'was cancelled');
        });
    }

    /** Every suite has again what it had before. */
    public function goBack(Rollout $rollout, User $user, ?string $reason): void
    {
        $states = [...RolloutState::open(), RolloutState::Done, RolloutState::Cancelled];
        $this->turn($rollout, 'go back', $states, function (Rollout $locked) use ($user, $reason): void {
            foreach ($locked->suites()->with('suite')->get() as $step) {
                $this->takeBack($step);
            }
            $this->become($locked, RolloutState::GoneBack);
            $this->tellAll($locked, $user, 'was gone back on', $reason);
        });
    }

    /** Begins what was planned for an hour that has come. */
    public function beginDue(): void
    {
        $due = Rollout::query()->where('state', RolloutState::Planned)->where('begins_at', '<=', now())->pluck('id');
        foreach ($due as $id) {
            DB::transaction(function () use ($id): void {
                $locked = Rollout::query()->lockForUpdate()->whereKey($id)->firstOrFail();
                if ($locked->state === RolloutState::Planned) {
                    $this->become($locked, RolloutState::Running);
                    $this->advance($locked);
                }
            });
        }
    }

    /** After a suite has told something: whatever rolls out to it may go on, or has to stop. */
    public function advanceIn(Suite $suite): void
    {
        $rollouts = Rollout::query()
            ->where('state', RolloutState::Running)
            ->whereHas('suites', static fn ($suites) => $suites->where('suite_id', $suite->id))
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        foreach ($rollouts as $rollout) {
            $this->advance($rollout);
        }
    }

    private function advance(Rollout $locked): void
    {
        if ($locked->state !== RolloutState::Running) {
            return;
        }
        $steps = $locked->suites()->with('suite')->get()->keyBy(static fn (RolloutSuite $one): string => $one->suite->slug);
        $first = $steps->first(static fn (RolloutSuite $one): bool => $one->suite_id === $locked->first_suite_id)?->suite->slug;
        foreach ($steps as $step) {
            $this->look($step, $locked);
        }
        $course = RolloutCourse::of($this->stepsOf($steps), $first);
        foreach ($course->give as $slug) {
            $this->give($steps->firstOrFail(static fn (RolloutSuite $one): bool => $one->suite->slug === $slug), $locked);
        }
        // What was just given may be there already, or be stopped at once.
        $course = $course->give === [] ? $course : RolloutCourse::of($this->stepsOf($steps), $first);
        if ($course->state !== $locked->state) {
            $locked->version++;
            $this->become($locked, $course->state);
            if ($course->state === RolloutState::Stopped) {
                $this->tellAll($locked, null, 'stopped by itself');
            }
        } elseif ($course->give !== []) {
            $this->advance($locked);
        }
    }

    /**
     * @param  Collection<string, RolloutSuite>  $steps
     * @return array<string, RolloutStep>
     */
    private function stepsOf(Collection $steps): array
    {
        return $steps->map(static fn (RolloutSuite $one): RolloutStep => $one->step)->all();
    }

    private function give(RolloutSuite $step, Rollout $rollout): void
    {
        $step->update(['before' => $this->before($step->suite), 'step' => RolloutStep::UnderWay]);
        $changed = $this->assignments->change($step->suite, function (Suite $locked) use ($step, $rollout): void {
            foreach ($step->allowed as $application => $sha256) {
                $this->assignments->step($locked, static fn (SuiteState $state): SuiteState => $state->allowing($application, $sha256));
            }
            $locked->fill([
                'preset_id' => $rollout->release->preset_id,
                'release_id' => $rollout->release_id,
                'is_pinned' => true,
                'accepted' => $rollout->accepted,
                'install_when' => $rollout->install_when,
            ]);
            $this->story->tell($locked, $rollout->user, 'rollout', "Gets {$rollout->release->title()}", $rollout->reason);
        });
        $step->setRelation('suite', $changed);
        $this->look($step, $rollout);
    }

    /** @return Before */
    private function before(Suite $suite): array
    {
        $files = [];
        foreach ($suite->keyFileOwners() as $application) {
            $there = $suite->state->report($application);
            $files[$application] = ['sha256' => $there->sha256, 'installed' => $there->installed];
        }

        return [
            'preset_id' => $suite->preset_id,
            'release_id' => $suite->release_id,
            'is_pinned' => $suite->is_pinned,
            'files' => $files,
        ];
    }

    private function takeBack(RolloutSuite $step): void
    {
        $before = $step->before;
        if ($before !== null && $step->step !== RolloutStep::Out) {
            $this->assignments->change($step->suite, function (Suite $locked) use ($before, $step): void {
                $given = array_keys($locked->state->due());
                $locked->fill([
                    'preset_id' => $before['preset_id'],
                    'release_id' => $before['release_id'],
                    'is_pinned' => $before['is_pinned'],
                    'accepted' => [],
                ]);
                // Where nothing was followed before, and where somebody let a file go for this, the very files come back.
                $back = $before['preset_id'] === null ? $given : array_keys($step->allowed);
                $files = array_map(
                    static fn (array $one): FoundFile => new FoundFile($one['sha256'], $one['installed']),
                    array_intersect_key($before['files'], array_fill_keys($back, true)),
                );
                $this->assignments->step($locked, static fn (SuiteState $state): SuiteState => $state->goingBack($files));
            });
        }
        $step->update(['step' => RolloutStep::Out, 'fault' => null]);
    }

    /** How far it has come in one suite. */
    private function look(RolloutSuite $step, Rollout $rollout): void
    {
        if (! in_array($step->step, [RolloutStep::UnderWay, RolloutStep::Faulty], true)) {
            return;
        }
        $progress = $this->progress($step->suite, $rollout);
        if ($progress->step !== $step->step || $progress->fault !== $step->fault) {
            $step->update(['step' => $progress->step, 'fault' => $progress->fault]);
        }
    }

    private function progress(Suite $suite, Rollout $rollout): RolloutProgress
    {
        if ($suite->release_id !== $rollout->release_id) {
            return RolloutProgress::out();
        }
        $ofThis = array_filter($suite->stops, static fn (array $stop): bool => $stop['release'] === $rollout->release_id);
        $names = [];
        foreach ($suite->keyFileOwners() as $application) {
            $names[$application] = $this->library->nameOf($application);
        }

        return RolloutProgress::of(
            $suite->state,
            $names,
            array_map(static fn (array $stop): string => $stop['problems'][0]['sentence'], $ofThis),
            $this->presence->isOnline($suite),
        );
    }

    /** @param  Collection<int, Suite>  $suites */
    private function requireNoOther(Collection $suites): void
    {
        $taken = RolloutSuite::query()
            ->whereIn('suite_id', $suites->pluck('id')->all())
            ->whereHas('rollout', static fn ($rollouts) => $rollouts->whereIn('state', RolloutState::open()))
            ->with('suite')
            ->get();
        if ($taken->isNotEmpty()) {
            throw SuiteRefused::rolloutUnderWay($taken->pluck('suite.name')->unique()->implode(', '));
        }
    }

    /**
     * @param  list<RolloutState>  $from
     * @param  \Closure(Rollout): void  $act
     */
    private function turn(Rollout $rollout, string $what, array $from, \Closure $act): void
    {
        DB::transaction(static function () use ($rollout, $what, $from, $act): void {
            $locked = Rollout::query()
                ->lockForUpdate()
                ->with(['release.preset', 'user'])
                ->findOrFail($rollout->id);
            if (! in_array($locked->state, $from, true)) {
                throw SuiteRefused::rolloutCannot($what, $locked->state);
            }
            $act($locked);
            $locked->update(['version' => $locked->version + 1]);
        });
    }

    private function become(Rollout $locked, RolloutState $state): void
    {
        if ($locked->state !== $state) {
            $this->journal->note("rollout-{$state->value}", Subject::release($locked->release));
        }
        $locked->state = $state;
        $locked->save();
    }

    private function tellAll(Rollout $rollout, ?User $user, string $what, ?string $why = null): void
    {
        foreach ($rollout->suites()->with('suite')->get() as $step) {
            $this->story->tell($step->suite, $user, 'rollout', "The rollout of {$rollout->release->title()} {$what}", $why ?? $step->fault);
        }
    }
}
