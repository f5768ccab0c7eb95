<?php

declare(strict_types=1);

use App\Keymap\Followers;
use App\Keymap\KeymapEditor;
use App\Keymap\KeymapPast;
use App\Keymap\KeymapRefused;
use App\Keymap\KeymapShelf;
use App\Keymap\KeymapStarter;
use App\Keymap\KitReader;
use App\Keymap\WriteTerms;
use App\Library\Keyboards;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Preset\ReleaseSaver;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Preset\Release as ReleaseContent;

/** Somebody's keymaps of one application, and random things that are done to them. */
final class RandomKit
{
    private int $names = 0;

    private int $lastRelease = 0;

    /** @var array<int, array<int, list<string>>> what each keymap was, by its version, written down when it was so */
    private array $was = [];

    private readonly Application $application;

    public function __construct(private readonly User $user, string $application)
    {
        $this->application = app(Library::class)->application($application);
        $this->starter()->fromFactory($user, $this->application, 'First');
    }

    public function step(): void
    {
        $keymap = $this->any();
        if ($keymap === null) {
            $this->starter()->fromFactory($this->user, $this->application, $this->name());

            return;
        }
        try {
            match (mt_rand(0, 15)) {
                0, 1, 2, 3 => $this->change($keymap),
                4, 5 => $this->undoAndBack($keymap),
                6 => $this->editor()->undo($keymap, $this->now($keymap)),
                7 => $this->editor()->redo($keymap, $this->now($keymap)),
                8 => $this->editor()->save($keymap, $this->now($keymap)),
                9 => $this->goBackToSave($keymap),
                10 => $this->starter()->use($keymap),
                11 => $this->starter()->copyOf($this->user, $this->application, $this->name(), $keymap),
                12 => $this->follow(),
                13 => $this->delete($keymap),
                14 => $this->restore(),
                default => $this->release(),
            };
        } catch (KeymapRefused) {
            // Refused as it should be; the invariants must hold all the same.
        }
    }

    private function change(Keymap $keymap): void
    {
        $before = $keymap->bindings->ids();
        $change = $this->randomChange($keymap);
        $this->editor()->change($keymap, $this->user, 'Change', $change, $this->now($keymap));
        if (mt_rand(0, 1) === 0) {
            $this->editor()->undo($keymap, $this->now($keymap->refresh()));
            expect($keymap->refresh()->bindings->ids())->toBe($before);
            $this->mustBeStale($keymap, $change);
        }
    }

    /** A write on a version that is gone changes nothing. */
    private function mustBeStale(Keymap $keymap, Change $change): void
    {
        expect(
            fn () => $this->editor()->change($keymap, $this->user, 'Late', $change, WriteTerms::whatever($keymap->version - 1)),
        )->toThrow(KeymapRefused::class);
    }

    private function undoAndBack(Keymap $keymap): void
    {
        $before = $keymap->bindings->ids();
        $this->editor()->undo($keymap, $this->now($keymap));
        $this->editor()->redo($keymap, $this->now($keymap->refresh()));
        expect($keymap->refresh()->bindings->ids())->toBe($before);
    }

    private function goBackToSave(Keymap $keymap): void
    {
        $change = Change::between($keymap->bindings, $keymap->saved_bindings);
        $this->editor()->change($keymap, $this->user, 'Back', $change, $this->now($keymap));
        expect(Change::between($keymap->refresh()->bindings, $keymap->saved_bindings)->isEmpty())->toBeTrue();
    }

    private function follow(): void
    {
        $current = app(KitReader::class)->of($this->user, $this->application);
        $change = Change::none()->adding($this->randomBinding());
        if ($change->conflictsWith($current->bindings) === []) {
            $this->starter()->variant($this->user, $current, $this->name(), $change);
        }
    }

    private function delete(Keymap $keymap): void
    {
        if (Keymap::query()->count() > 2) {
            app(KeymapShelf::class)->delete($keymap);
        }
    }

    private function restore(): void
    {
        $deleted = Keymap::onlyTrashed()->orderBy('id')->pluck('id');
        if ($deleted->isNotEmpty()) {
            app(KeymapShelf::class)->restore(Keymap::onlyTrashed()->findOrFail($deleted[mt_rand(0, count($deleted) - 1)]));
        }
    }

    private function release(): void
    {
        if ($this->user->kit->keymaps()->where('in_use', true)->exists()) {
            $seat = app(Library::class)->keyboards->seat(Keyboards::DEFAULT_BOARD, Keyboards::DEFAULT_LAYOUT, Keyboards::DEFAULT_SYSTEM);
            [, $problems] = app(ReleaseSaver::class)->looked($this->user, null, $seat);
            $yes = new Acknowledgement(array_map(static fn (Problem $one): string => $one->id, $problems), 'a test');
            app(ReleaseSaver::class)->newPreset($this->user, $this->name(), 'as it is', $seat, $yes);
        }
    }

    private function randomChange(Keymap $keymap): Change
    {
        $all = $keymap->bindings->all();
        $old = $all[mt_rand(0, count($all) - 1)];
        $new = $old->at(Chord::parse('F'.mt_rand(13, 15)));

        return match (mt_rand(0, 3)) {
            0 => Change::none()->removing($old),
            1 => Change::none()->removing($old)->adding($new),
            2 => Change::none()->adding($new),
            default => Change::none()->adding($this->randomBinding()),
        };
    }

    private function randomBinding(): Binding
    {
        $command = $this->application->commands()[mt_rand(0, 5)];

        return new Binding(Chord::parse('F'.mt_rand(13, 17)), $command->id, $command->home);
    }

    private function any(): ?Keymap
    {
        $all = Keymap::query()->orderBy('id')->pluck('id');

        return $all->isEmpty() ? null : Keymap::query()->find($all[mt_rand(0, count($all) - 1)]);
    }

    private function now(Keymap $keymap): WriteTerms
    {
        return WriteTerms::whatever($keymap->version);
    }

    private function name(): string
    {
        return 'Number '.++$this->names;
    }

    private function editor(): KeymapEditor
    {
        return app(KeymapEditor::class);
    }

    private function starter(): KeymapStarter
    {
        return app(KeymapStarter::class);
    }

    /** What must hold whatever was done. */
    public function check(string $when): void
    {
        $dialect = app(Library::class)->dialect($this->application);
        foreach (Keymap::query()->with('parent')->get() as $keymap) {
            expect($keymap->bindings->ids())->toBe(
                app(Followers::class)->historyOf($keymap)->bindings()->ids(),
                "{$when}: base and steps",
            );
            $this->was[$keymap->id][$keymap->version] ??= $keymap->bindings->ids();
            $version = array_rand($this->was[$keymap->id]);
            // Bindings that a key file does not have stand in the order in which they came; going back tells which there were.
            expect(app(KeymapPast::class)->at($keymap, $version)->ids())->toEqualCanonicalizing(
                $this->was[$keymap->id][$version],
                "{$when}: as version {$version}",
            );
            $file = $dialect->read($keymap->source, $this->application);
            $written = $dialect->read((new KeyFileWriter($dialect))->write($file, $keymap->bindings), $this->application);
            expect($written->bindings()->ids())->toBe($keymap->bindings->ids(), "{$when}: as its file has it");
            if ($keymap->parent !== null) {
                expect($keymap->base->ids())->toBe($keymap->parent->bindings->ids(), "{$when}: follows");
            }
        }
        expect(Keymap::query()->where('in_use', true)->count())->toBeLessThanOrEqual(1, $when);
        foreach (Release::query()->with('files')->where('id', '>', $this->lastRelease)->get() as $release) {
            $this->lastRelease = $release->id;
            $read = $release->files->mapWithKeys(
                fn ($one): array => [$one->application => $dialect->read($one->bytes, $this->application)->bindings()],
            );
            expect(ReleaseContent::of($read->all())->digest())->toBe($release->digest, "{$when}: a release is its files");
        }
    }
}

test('whatever is done to a kit, each keymap is its base and its steps, its file says the same, and a release is its files', function (
    string $application,
    int $seed,
) {
    mt_srand($seed);
    $kit = new RandomKit(User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail(), $application);
    for ($step = 1; $step <= 50; $step++) {
        $kit->step();
        $kit->check("{$application} {$seed}, step {$step}");
    }
})->with(['cutloom', 'gradewell', 'rotomere', 'faderloft', 'easeframe', 'boardwick'], range(1, 2));
