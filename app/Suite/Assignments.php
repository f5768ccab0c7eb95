<?php

declare(strict_types=1);

namespace App\Suite;

use App\Keymap\AcceptedClashes;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\Sitting;
use App\Models\Suite;
use App\Models\User;
use App\Preset\FittedFile;
use App\Preset\Fitter;
use App\Preset\HouseStandard;
use Closure;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\FixedChords;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Suite\SuiteState;

/**
 * What each suite should have, worked out anew whenever anything of it changes: what it follows, who sits there, what was reported. The
 * one place where the state of a suite is stored.
 *
 * @phpstan-import-type StopData from Suite
 * @phpstan-import-type Label from Suite
 */
final readonly class Assignments
{
    /** Labels of files that were given earlier, so that people can be told what is there. */
    private const MOST_LABELS = 60;

    public function __construct(
        private Library $library,
        private Fitter $fitter,
        private Presence $presence,
        private AcceptedClashes $accepted,
    ) {
    }

    /**
     * Changes something of a suite, and what it should have with it.
     *
     * @param  Closure(Suite): mixed  $change  on the locked suite
     */
    public function change(Suite $suite, Closure $change): Suite
    {
        return DB::transaction(function () use ($suite, $change): Suite {
            $locked = Suite::query()->lockForUpdate()->findOrFail($suite->id);
            $change($locked);
            $this->restate($locked);

            return $locked;
        });
    }

    /**
     * Changes the state alone, where what it is made of is the same.
     *
     * @param  Closure(SuiteState): SuiteState  $change
     */
    public function step(Suite $locked, Closure $change): void
    {
        $this->store($locked, $change($locked->state));
    }

    public function restate(Suite $locked): void
    {
        $before = $locked->state;
        $locked->load(['preset', 'sitting.user.kit']);
        if ($locked->preset !== null && ! $locked->is_pinned) {
            $locked->release_id = $locked->preset->newest()->value('id');
        }
        $release = $locked->release_id === null ? null : Release::query()->with(['files', 'preset'])->findOrFail($locked->release_id);
        $fixed = $this->fixed($release);
        $seat = $this->library->keyboards->seat($locked->board, $locked->layout, $locked->system);
        $stops = [];
        $files = $this->ofRelease($locked, $release, $fixed, $seat, $stops);
        $state = $before->following($files);
        if ($locked->sitting !== null) {
            $state = $state->sitting($this->ofGuest($locked, $locked->sitting, $fixed, $seat, $stops));
        }
        $locked->stops = $stops;
        $this->store($locked, $state);
    }

    /** The fixed chords that hold where a release is followed. */
    private function fixed(?Release $release): FixedChords
    {
        return $release?->preset->is_standard === true ? $release->content()->fixed : HouseStandard::fixed();
    }

    /**
     * @param  array<string, StopData>  $stops
     * @return array<string, string> digests by application
     */
    private function ofRelease(Suite $suite, ?Release $release, FixedChords $fixed, Seat $seat, array &$stops): array
    {
        if ($release === null) {
            return [];
        }
        $accepted = [...array_column($release->accepted, 'id'), ...$suite->accepted];
        $files = [];
        foreach ($this->fits($suite, $release, $fixed, $seat) as $application => $fit) {
            $wrong = $fit->stops($accepted);
            if ($wrong === []) {
                $files[$application] = $fit->stored();
                $label = ['preset' => $release->preset->name, 'number' => $release->number, 'release' => $release->id];
                $suite->labels = array_slice([$fit->sha256 => $label] + $suite->labels, 0, self::MOST_LABELS, true);

                continue;
            }
            $stops[$application] = ['release' => $release->id, 'problems' => self::data($wrong)];
            // What was due before stays due, so that nothing with a fault gets there.
            $earlier = $suite->state->due()[$application]->sha256 ?? null;
            if ($earlier !== null && isset($suite->labels[$earlier])) {
                $files[$application] = $earlier;
            }
        }

        return $files;
    }

    /**
     * @param  array<string, StopData>  $stops
     * @return array<string, string> digests by application
     */
    private function ofGuest(Suite $suite, Sitting $sitting, FixedChords $fixed, Seat $seat, array &$stops): array
    {
        $files = [];
        foreach ($this->guestFits($suite, $sitting->user, $fixed, $seat) as $application => $fit) {
            $wrong = $fit->stops($sitting->accepted);
            if ($wrong === []) {
                $files[$application] = $fit->stored();
            } else {
                $stops[$application] = ['release' => null, 'problems' => self::data($wrong)];
            }
        }

        return $files;
    }

    /** @return array<string, FittedFile> what a release would be in a suite, by application */
    public function fits(Suite $suite, Release $release, ?FixedChords $fixed = null, ?Seat $seat = null): array
    {
        $fixed ??= $this->fixed($release);
        $seat ??= $this->library->keyboards->seat($suite->board, $suite->layout, $suite->system);
        $bytes = $release->files->pluck('bytes', 'application')->all();
        $fits = [];
        foreach (array_intersect_key($bytes, array_fill_keys($this->library->known($suite->keyFileOwners()), true)) as $id => $file) {
            $fits[$id] = $this->fitter->fit(
                $this->library->application((string) $id),
                (string) $file,
                $seat,
                $fixed,
                $bytes[DesktopCatalogue::ID] ?? null,
            );
        }

        return $fits;
    }

    /** @return array<string, FittedFile> what somebody's kit would be in a suite, by application; without those that are as they came */
    public function guestFits(Suite $suite, User $user, ?FixedChords $fixed = null, ?Seat $seat = null): array
    {
        $fixed ??= $this->fixed($suite->release_id === null ? null : Release::query()->with('preset')->find($suite->release_id));
        $seat ??= $this->library->keyboards->seat($suite->board, $suite->layout, $suite->system);
        $keymaps = $user->kit->allInUse()->toBase()->only($this->library->known($suite->keyFileOwners()));
        $bytes = $keymaps->map(
            fn (Keymap $one): string => $this->library->keyFile(
                $this->library->application($one->application),
                $one->bindings,
                $one->source,
            ),
        );
        $fits = [];
        foreach ($bytes as $id => $file) {
            $fits[$id] = $this->fitter->fit(
                $this->library->application($id),
                $file,
                $seat,
                $fixed,
                $bytes[DesktopCatalogue::ID] ?? null,
                $this->accepted->all($user, $id),
            );
        }

        return $fits;
    }

    private function store(Suite $locked, SuiteState $state): void
    {
        $before = $locked->state;
        $locked->state = $state;
        if (serialize($state->due()) !== serialize($before->due()) || $locked->isDirty(['install_when'])) {
            $locked->number++;
        }
        $locked->save();
        DB::afterCommit(fn () => $this->presence->forget($locked));
    }

    /** @return Label|null what a file that is there, or due, is called; null for one that nobody gave */
    public function label(Suite $suite, ?string $sha256): ?array
    {
        return $suite->labels[$sha256 ?? ''] ?? null;
    }

    /**
     * @param  list<Problem>  $problems
     * @return list<array{id: string, kind: string, application: string, sentence: string}>
     */
    private static function data(array $problems): array
    {
        return array_map(static fn (Problem $one): array => $one->toData(), $problems);
    }
}
