<?php

declare(strict_types=1);

use App\Keymap\KeymapStarter;
use App\Library\Keyboards;
use App\Library\Library;
use App\Models\Preset;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Preset\PresetDesk;
use App\Preset\ReleaseSaver;
use App\Suite\Rollout;
use App\Suite\Rollouts;
use Database\Seeders\DemoWorld;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Tests\Faults\RunningHouse;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Suite\RolloutState;

uses(TestCase::class)->in('.');

beforeEach(function (): void {
    $database = config()->string('database.connections.pgsql.database').'_faults';
    config()->set('database.connections.pgsql.database', $database);
    Artisan::call('migrate:fresh', ['--seeder' => DemoWorld::class, '--seed' => true, '--force' => true]);
    $this->house = new RunningHouse($database);
    config()->set('app.presence', "{$this->house->folder}/presence");
});

afterEach(fn () => $this->house->end());

/** The keeper's keys as a release of the house standard. */
function standardRelease(): App\Models\Release
{
    $keeper = User::query()->where('email', 'keeper@saltmarsh.example')->firstOrFail();
    $library = app(Library::class);
    $seat = $library->keyboards->seat(Keyboards::DEFAULT_BOARD, Keyboards::DEFAULT_LAYOUT, Keyboards::DEFAULT_SYSTEM);
    foreach (['cutloom', 'faderloft', 'easeframe'] as $id) {
        app(KeymapStarter::class)->fromFactory($keeper, $library->application($id), 'House keys');
    }
    [, $problems] = app(ReleaseSaver::class)->looked($keeper, null, $seat);
    $yes = new Acknowledgement(array_map(static fn (Problem $one): string => $one->id, $problems), 'a test');
    $release = app(ReleaseSaver::class)->newPreset($keeper, 'House standard', 'the first', $seat, $yes);
    app(PresetDesk::class)->makeStandard(Preset::query()->findOrFail($release->preset_id));

    return $release->fresh(['preset', 'files']);
}

test('a server that is killed 20 times in a rollout goes on where it was, and so do agents that are killed', function () {
    $suites = ['avocet', 'curlew', 'dunlin'];
    $this->house->startServer();
    foreach ($suites as $suite) {
        $this->house->startWorkstation($suite);
    }
    usleep(1_500_000);
    $release = standardRelease();
    $library = app(Library::class);
    $seat = $library->keyboards->seat(Keyboards::DEFAULT_BOARD, Keyboards::DEFAULT_LAYOUT, Keyboards::DEFAULT_SYSTEM);
    $chosen = Suite::query()->whereIn('slug', $suites)->get();
    $problems = app(Rollouts::class)->problems($release, $chosen, $seat);
    $keeper = User::query()->where('email', 'keeper@saltmarsh.example')->firstOrFail();
    $yes = new Acknowledgement(array_map(static fn (Problem $one): string => $one->id, $problems), 'a test');
    $begin = static fn (): Rollout => app(Rollouts::class)->start(
        $keeper,
        $release,
        Suite::query()->whereIn('slug', $suites)->get(),
        $chosen->first(),
        'now',
        null,
        $seat,
        $yes,
        [],
    );
    $rollout = $begin();
    mt_srand(7);
    for ($kill = 0; $kill < 20; $kill++) {
        // One that is done is gone back on, and begun anew: something is on its way at every kill.
        if (Rollout::query()->findOrFail($rollout->id)->state === RolloutState::Done) {
            app(Rollouts::class)->goBack($rollout, $keeper, null);
            $rollout = $begin();
        }
        usleep(mt_rand(100_000, 400_000));
        $this->house->kill('web');
        $agent = $suites[$kill % 3];
        $this->house->kill($agent);
        $this->house->startServer();
        $this->house->startWorkstation($agent);
    }
    for ($tries = 0; $tries < 300 && Rollout::query()->findOrFail($rollout->id)->state !== RolloutState::Done; $tries++) {
        usleep(100_000);
    }
    expect(Rollout::query()->findOrFail($rollout->id)->state)->toBe(RolloutState::Done);
    foreach (Suite::query()->whereIn('slug', $suites)->get() as $suite) {
        foreach ($suite->state->due() as $application => $due) {
            $name = $library->dialect($library->application($application))->fileName();
            expect(hash_file('sha256', "{$this->house->folder}/{$suite->slug}/{$name}"))->toBe($due->sha256);
        }
        expect(array_keys($suite->state->due()))->not->toBe([]);
    }
});
