<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Preset;
use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use Zebrafinch\Core\Keyboard\Seat;

/** What a suite follows. */
final readonly class Following
{
    public function __construct(private Assignments $assignments, private Rollouts $rollouts, private Story $story)
    {
    }

    /**
     * @param  Release|null  $pinned  null for the newest, whichever that is
     *
     * @throws \App\Preset\PresetRefused
     */
    public function follow(Suite $suite, User $user, Preset $preset, ?Release $pinned, Seat $seat, Acknowledgement $yes): Suite
    {
        $release = $pinned ?? $preset->newest()->firstOrFail();
        $problems = $this->rollouts->problems($release->load(['files', 'preset']), collect([$suite]), $seat);
        $yes->check($problems);

        return $this->assignments->change($suite, function (Suite $locked) use ($user, $preset, $pinned, $release, $yes): void {
            $locked->fill([
                'preset_id' => $preset->id,
                'release_id' => $release->id,
                'is_pinned' => $pinned !== null,
                'accepted' => $yes->accepted,
                'install_when' => 'now',
            ]);
            $what = $pinned === null ? "Follows {$preset->name}, always the newest" : "Stays at {$release->title()}";
            $this->story->tell($locked, $user, 'following', $what, $yes->reason);
        });
    }

    public function stop(Suite $suite, User $user): Suite
    {
        return $this->assignments->change($suite, function (Suite $locked) use ($user): void {
            $locked->fill(['preset_id' => null, 'release_id' => null, 'is_pinned' => false, 'accepted' => []]);
            $this->story->tell($locked, $user, 'following', 'Follows nothing; what is there stays');
        });
    }

    /** A preset has a new release: all suites that follow its newest get it. */
    public function newest(int $preset): void
    {
        foreach (Suite::query()->where('preset_id', $preset)->where('is_pinned', false)->orderBy('id')->get() as $suite) {
            $this->assignments->change($suite, static fn (Suite $locked) => $locked->fill(['accepted' => []]));
        }
    }

    /** The house has fixed other chords: they hold in all suites, and for all who sit there. */
    public function standardChanged(): void
    {
        foreach (Suite::query()->orderBy('id')->get() as $suite) {
            $this->assignments->change($suite, static fn (): null => null);
        }
    }
}
