<?php

declare(strict_types=1);

namespace App\Preset;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Keymap\KeymapRefused;
use App\Library\Library;
use App\Models\Follow;
use App\Models\Keymap;
use App\Models\Kit;
use App\Models\Preset;
use App\Models\Release;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\Audience;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Preset\ProblemKind;
use Zebrafinch\Core\Preset\Release as ReleaseContent;

/** Saves a kit as the next numbered release of a preset, with its key files; nothing that is wrong goes out without somebody's yes. */
final readonly class ReleaseSaver
{
    public function __construct(
        private Library $library,
        private Gate $gate,
        private Journal $journal,
    ) {
    }

    /** @throws KeymapRefused|PresetRefused */
    public function newPreset(User $user, string $name, string $note, Seat $seat, Acknowledgement $yes): Release
    {
        return DB::transaction(function () use ($user, $name, $note, $seat, $yes): Release {
            return $this->nextRelease($user, $this->named($user, $name), $note, $seat, $yes);
        });
    }

    /** @throws KeymapRefused */
    private function named(User $user, string $name): Preset
    {
        Kit::lock($user->kit->id);
        if ($user->kit->presets()->where('name', $name)->exists()) {
            throw KeymapRefused::nameTaken($name, $user->kit->name);
        }

        return $user->kit->presets()->create(['name' => $name]);
    }

    /**
     * @param  array<string, list<string>>|null  $fixed  ids of the bindings that are fixed, by application; null for those of the release
     *     before
     *
     * @throws \Zebrafinch\Core\Preset\EmptyPreset|PresetRefused
     */
    public function nextRelease(User $user, Preset $preset, string $note, Seat $seat, Acknowledgement $yes, ?array $fixed = null): Release
    {
        return DB::transaction(function () use ($user, $preset, $note, $seat, $yes, $fixed): Release {
            $locked = Preset::query()->lockForUpdate()->findOrFail($preset->id);
            $newest = $locked->newest()->with(['author', 'preset'])->first();
            $this->requireBase($user, $locked, $newest);
            $draft = $this->draft($user, $locked, $newest, $fixed);
            $release = $this->store($locked, $newest, $user, $note, $draft, $this->problems($draft, $locked, $newest, $seat), $yes);
            Follow::query()->updateOrCreate(
                ['kit_id' => $user->kit->id, 'preset_id' => $locked->id],
                ['release_id' => $release->id] + ($locked->kit_id === $user->kit->id ? ['is_asked' => false] : []),
            );

            return $release;
        });
    }

    /**
     * The next release is the one before but for one application.
     *
     * @param  string  $bytes  its key file
     *
     * @throws PresetRefused
     */
    public function withFile(
        User $user,
        Preset $preset,
        string $application,
        string $bytes,
        string $note,
        Seat $seat,
        Acknowledgement $yes,
    ): Release {
        return DB::transaction(function () use ($user, $preset, $application, $bytes, $note, $seat, $yes): Release {
            $locked = Preset::query()->lockForUpdate()->findOrFail($preset->id);
            $newest = $locked->newest()->with(['author', 'preset', 'files'])->firstOrFail();
            $files = [$application => $bytes] + $newest->files->pluck('bytes', 'application')->all();
            $known = $this->library->application($application);
            $keymaps = [$application => $this->library->dialect($known)->read($bytes, $known)->bindings()] + $newest->content()->keymaps;
            $draft = new ReleaseDraft(ReleaseContent::of($keymaps, $this->stillFixed($newest, $keymaps)), $files);

            return $this->store($locked, $newest, $user, $note, $draft, $this->problems($draft, $locked, $newest, $seat), $yes);
        });
    }

    /**
     * A preset of one's own from an archive.
     *
     * @param  array{members: array<string, mixed>, files: array<string, string>}  $foreign
     *
     * @throws KeymapRefused
     */
    public function fromArchive(User $user, string $name, string $note, ReleaseDraft $draft, array $foreign): Release
    {
        return DB::transaction(
            fn (): Release => $this->written($this->named($user, $name), null, $user, $note, $draft, [], null, $foreign),
        );
    }

    /**
     * What a release would be if it were made now, and what is wrong with it.
     *
     * @param  array<string, list<string>>|null  $fixed
     * @return array{ReleaseDraft, list<Problem>, Release|null} the last the release that says the same already
     */
    public function looked(User $user, ?Preset $preset, Seat $seat, ?array $fixed = null): array
    {
        $newest = $preset?->newest()->with(['author', 'preset'])->first();
        $draft = $this->draft($user, $preset, $newest, $fixed);

        return [
            $draft,
            $this->problems($draft, $preset, $newest, $seat),
            $newest !== null && $newest->digest === $draft->content->digest() ? $newest : null,
        ];
    }

    /** @throws PresetRefused */
    private function requireBase(User $user, Preset $preset, ?Release $newest): void
    {
        if ($newest === null) {
            return;
        }
        $follow = $user->kit->follows()->where('preset_id', $preset->id)->first();
        $isBased = $follow?->release_id === $newest->id || ($follow === null && $newest->author_id === $user->id);
        if (! $isBased) {
            throw PresetRefused::stale($preset, $newest);
        }
    }

    /** @param  array<string, list<string>>|null  $fixed */
    private function draft(User $user, ?Preset $preset, ?Release $newest, ?array $fixed): ReleaseDraft
    {
        // Read once, so that what the digest says is what the files say.
        $keymaps = $user->kit->keymaps()->where('in_use', true)->get();
        $bindings = $keymaps->mapWithKeys(static fn (Keymap $one): array => [$one->application => $one->bindings])->all();
        $stays = $newest === null ? [] : $this->stillFixed($newest, $bindings);
        $chosen = $fixed === null ? $stays : self::picked($bindings, $fixed);

        return new ReleaseDraft(
            ReleaseContent::of($bindings, $preset?->audience === Audience::House ? $chosen : []),
            $keymaps
                ->mapWithKeys(
                    fn (Keymap $one): array => [
                        $one->application => $this->library->keyFile(
                            $this->library->application($one->application),
                            $one->bindings,
                            $one->source,
                        ),
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param  array<string, Bindings>  $keymaps
     * @param  array<string, list<string>>  $fixed  ids of bindings
     * @return array<string, Bindings>
     */
    private static function picked(array $keymaps, array $fixed): array
    {
        $picked = [];
        foreach ($fixed as $application => $ids) {
            $all = ($keymaps[$application] ?? Bindings::of())->all();
            $picked[$application] = Bindings::of(
                ...array_filter($all, static fn (Binding $one): bool => in_array($one->id(), $ids, true)),
            );
        }

        return $picked;
    }

    /**
     * @param  array<string, Bindings>  $keymaps
     * @return array<string, Bindings> what was fixed, as far as the keymaps have it still
     */
    private function stillFixed(Release $newest, array $keymaps): array
    {
        $fixed = array_map(Bindings::fromData(...), $newest->content['fixed'] ?? []);
        foreach ($fixed as $application => $bindings) {
            $fixed[$application] = Bindings::of(
                ...array_filter(
                    $bindings->all(),
                    static fn (Binding $one): bool => ($keymaps[$application] ?? Bindings::of())->has($one),
                ),
            );
        }

        return $fixed;
    }

    /** @return list<Problem> */
    private function problems(ReleaseDraft $draft, ?Preset $preset, ?Release $newest, Seat $seat): array
    {
        $isStandard = $preset?->is_standard === true;
        $fixed = $isStandard ? $draft->content->fixed : HouseStandard::fixed();

        return [
            ...$isStandard && $newest !== null ? $this->noLongerFixed($newest, $draft->content, $seat) : [],
            ...$this->gate->problems($draft->files, $fixed, $seat, $this->gate->followers($preset)),
        ];
    }

    /** @return list<Problem> */
    private function noLongerFixed(Release $newest, ReleaseContent $content, Seat $seat): array
    {
        $printer = $seat->printer();
        $problems = [];
        foreach ($newest->content()->fixed->toData() as $id => $bindings) {
            $application = $this->library->application($id);
            $still = Bindings::of(...$content->fixed->of($id));
            foreach (Bindings::fromData($bindings) as $binding) {
                if (! $still->has($binding)) {
                    $problems[] = Problem::of(
                        ProblemKind::FixedBroken,
                        $id,
                        "no longer {$binding->id()}",
                        "{$application->name}: {$printer->label($binding->chord)} for {$application->commandName($binding->command)} ".
                            'would not be fixed any more.',
                    );
                }
            }
        }

        return $problems;
    }

    /**
     * @param  list<Problem>  $problems
     *
     * @throws PresetRefused
     */
    private function store(
        Preset $preset,
        ?Release $newest,
        User $user,
        string $note,
        ReleaseDraft $draft,
        array $problems,
        Acknowledgement $yes,
    ): Release {
        if ($newest !== null && $newest->digest === $draft->content->digest()) {
            throw PresetRefused::nothingNew($newest);
        }
        $yes->check($problems);

        return $this->written($preset, $newest, $user, $note, $draft, $problems, $problems === [] ? null : $yes->reason, null);
    }

    /**
     * @param  list<Problem>  $problems
     * @param  array{members: array<string, mixed>, files: array<string, string>}|null  $foreign
     */
    private function written(
        Preset $preset,
        ?Release $newest,
        User $user,
        string $note,
        ReleaseDraft $draft,
        array $problems,
        ?string $reason,
        ?array $foreign,
    ): Release {
        $release = $preset->releases()->create([
            'number' => 1 + ($newest->number ?? 0),
            'note' => $note,
            'author_id' => $user->id,
            'digest' => $draft->content->digest(),
            'content' => $draft->content->toData(),
            'accepted' => array_map(static fn (Problem $one): array => $one->toData(), $problems),
            'reason' => $reason,
            'foreign' => $foreign,
        ]);
        foreach ($draft->files as $id => $bytes) {
            $application = $this->library->application($id);
            $release->files()->create([
                'application' => $id,
                'file_name' => $this->library->dialect($application)->fileName(),
                'bytes' => $bytes,
                'sha256' => hash('sha256', $bytes),
            ]);
        }
        $this->journal->note('release-made', Subject::release($release->refresh()));
        ReleaseMade::dispatch($release);

        return $release;
    }
}
