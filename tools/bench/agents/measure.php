<?php

declare(strict_types=1);

// A house with 500 suites and their agents, on a server of its own. `./zebrafinch bench` calls it.
// Usage: php measure.php ADDRESS

use App\Keymap\KeymapStarter;
use App\Library\Keyboards;
use App\Library\Library;
use App\Models\Preset;
use App\Models\Suite;
use App\Models\User;
use App\Preset\Acknowledgement;
use App\Preset\PresetDesk;
use App\Preset\ReleaseSaver;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Preset\Problem;

require dirname(__DIR__, 3).'/vendor/autoload.php';
require __DIR__.'/Swarm.php';
require dirname(__DIR__).'/Row.php';
$app = require dirname(__DIR__, 3).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

const AGENTS = 500;
const SUITES = 200;
const SECONDS = 12;
const EVERY = 2.0;

[, $address] = $argv;
$library = app(Library::class);
$seat = $library->keyboards->seat(Keyboards::DEFAULT_BOARD, Keyboards::DEFAULT_LAYOUT, Keyboards::DEFAULT_SYSTEM);

/** Rows that the database has written so far, but for the sessions of people. */
function written(): int
{
    usleep(1_100_000);

    return (int) DB::selectOne(
        "select sum(n_tup_ins + n_tup_upd + n_tup_del) as written from pg_stat_user_tables where relname <> 'sessions'",
    )->written;
}

function released(User $keeper, string $note, string $key, Library $library, Zebrafinch\Core\Keyboard\Seat $seat): App\Models\Release
{
    $cutloom = $library->application('cutloom');
    $binding = static fn (string $chord) => [
        ['chord' => $chord, 'command' => 'split-at-playhead', 'context' => 'timeline', 'gesture' => 'tap'],
    ];
    $change = Change::fromData(['removed' => $binding('KeyC'), 'added' => $binding($key)]);
    app(KeymapStarter::class)->fromFactory($keeper, $cutloom, "Keys {$note}", $note, $change, App\Keymap\WriteTerms::whatever(1));
    $preset = Preset::query()->where('name', 'House standard')->first();
    [, $problems] = app(ReleaseSaver::class)->looked($keeper, $preset, $seat);
    $yes = new Acknowledgement(array_map(static fn (Problem $one): string => $one->id, $problems), 'a measurement');

    return $preset === null
        ? app(ReleaseSaver::class)->newPreset($keeper, 'House standard', $note, $seat, $yes)
        : app(ReleaseSaver::class)->nextRelease($keeper, $preset, $note, $seat, $yes);
}

$seats = [
    ['full-ansi', 'us', 'macos'],
    ['full-iso', 'german', 'windows'],
    ['compact-iso', 'british', 'macos'],
    ['full-iso', 'swedish', 'linux'],
];
foreach (range(1, AGENTS) as $number) {
    [$board, $layout, $system] = $seats[$number % count($seats)];
    Suite::query()->create([
        'slug' => "bench-{$number}",
        'name' => "Bench {$number}",
        'board' => $board,
        'layout' => $layout,
        'system' => $system,
        'applications' => ['cutloom', 'faderloft'],
        'token_hash' => Suite::hashToken(Swarm::token($number)),
    ]);
}
$keeper = User::query()->where('email', 'keeper@saltmarsh.example')->firstOrFail();
$first = released($keeper, 'first', 'KeyT', $library, $seat);
app(PresetDesk::class)->makeStandard(Preset::query()->findOrFail($first->preset_id));
$followers = Suite::query()
    ->where('slug', 'like', 'bench-%')
    ->orderBy('id')
    ->limit(SUITES)
    ->get();
foreach ($followers as $suite) {
    app(App\Suite\Assignments::class)->change($suite, static fn (Suite $locked) => $locked->fill(['preset_id' => $first->preset_id]));
}
$swarm = new Swarm($address, AGENTS);
// Until every agent has told and has what is due: then its next question is the unchanged one.
for ($round = 0; $round < 2; $round++) {
    $swarm->tell($swarm->all());
    $swarm->ask($swarm->all());
}
$swarm->tell($swarm->all());
$swarm->ask($swarm->all());

// The floor: who is signed in, asked as often, one after the other, by the same client.
$floor = [];
for ($try = 0; $try < 60; $try++) {
    $handle = curl_init("{$address}/api/session");
    curl_setopt($handle, CURLOPT_RETURNTRANSFER, true);
    curl_exec($handle);
    $floor[] = curl_getinfo($handle, CURLINFO_TOTAL_TIME) * 1000;
}
// What was written before is counted once it is known everywhere.
written();
$before = written();
$times = [];
$statuses = [];
$begin = microtime(true);
$slices = array_chunk($swarm->all(), 25);
for ($slice = 0; microtime(true) - $begin < SECONDS; $slice++) {
    $asked = $swarm->ask($slices[$slice % count($slices)], 4);
    array_push($times, ...$asked['times']);
    array_push($statuses, ...$asked['statuses']);
    $due = $begin + (($slice + 1) * EVERY) / count($slices);
    usleep(max(0, (int) (($due - microtime(true)) * 1e6)));
}
$rate = count($times) / (microtime(true) - $begin);
$rows = written() - $before;
$slow = Row::share($times, 0.95);
$least = Row::share($floor, 0.95);
echo Row::aimed(
    sprintf(
        '500 agents, %.0f questions a second, %.1f %% unchanged',
        $rate,
        (100 * count(array_keys($statuses, 304, true))) / count($statuses),
    ),
    sprintf(
        'p95 %.1f ms, median %.1f; the floor of a request: p95 %.1f ms; %d rows written',
        $slow,
        Row::share($times, 0.5),
        $least,
        $rows,
    ),
    '≤ 20 ms beyond the floor',
    $slow <= $least + 20.0,
),
"\n";

// The list of 200 suites against that of five, by queries and time.
$list = static function (int $most): array {
    Suite::query()
        ->where('slug', 'like', 'bench-%')
        ->orderBy('id')
        ->skip($most)
        ->take(AGENTS)
        ->get()
        ->each->delete();
    $measured = [];
    for ($try = 0; $try < 6; $try++) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $start = hrtime(true);
        $shape = app(App\Suite\Http\SuiteShape::class);
        $data = json_encode(app(App\Suite\SuiteList::class)->all()->map($shape->of(...))->all(), JSON_THROW_ON_ERROR);
        $decoding = hrtime(true);
        json_decode($data, true);
        $measured[] = [($decoding - $start) / 1e6, (hrtime(true) - $decoding) / 1e6, count(DB::getQueryLog())];
    }
    usort($measured, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

    return $measured[2];
};
[$large, $decoding, $queries] = $list(SUITES - 5);
$start = microtime(true);
released($keeper, 'second', 'KeyY', $library, $seat);
$made = microtime(true) - $start;
$open = range(1, SUITES - 5);
while ($open !== [] && microtime(true) - $start < 60) {
    $swarm->ask($open);
    $changed = array_values(array_filter($open, static fn (int $one): bool => ($swarm->assignments[$one]['install'] ?? []) !== []));
    $swarm->tell($changed);
    $open = array_values(array_diff($open, $changed));
    usleep(200_000);
}
$everywhere = microtime(true) - $start;
echo Row::aimed(
    sprintf('a release in all of %d online suites', SUITES - 5),
    sprintf('%.1f s, of them %.1f until it is made', $everywhere, $made),
    '10 s',
    $everywhere <= 10.0,
),
"\n";
[$small, , $fewer] = $list(5);
echo Row::aimed(
    sprintf('the list of %d suites', SUITES),
    sprintf(
        '%d queries, %.0f ms, %.1f × decoding its JSON; of 10 suites: %d queries, %.0f ms',
        $queries,
        $large,
        $large / $decoding,
        $fewer,
        $small,
    ),
    'as many queries',
    $queries <= $fewer,
),
"\n";
