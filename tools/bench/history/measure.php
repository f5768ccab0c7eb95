<?php

declare(strict_types=1);

// What people and agents ask, on the first day and with the history of a year of 50 people behind it, as ratios.
// `./zebrafinch bench` calls it with a server of its own.
// Usage: php measure.php ADDRESS

use App\Models\Suite;
use App\Models\User;
use Database\Seeders\DemoWorld;
use Illuminate\Support\Facades\DB;

require dirname(__DIR__, 3).'/vendor/autoload.php';
require dirname(__DIR__).'/Row.php';
require dirname(__DIR__).'/Visitor.php';
$app = require dirname(__DIR__, 3).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

const PEOPLE = 50;

[, $address] = $argv;
$visitor = new Visitor($address);
$visitor->signIn('picture@saltmarsh.example', DemoWorld::PASSWORD);
$keymap = $visitor->send('POST', '/applications/cutloom/keymaps', ['name' => 'Mine'])['id'];
$visitor->send('POST', '/presets', ['name' => 'Mine', 'note' => 'first']);

$asked = [
    'who is signed in' => static fn (): float => $visitor->time('/session'),
    'the list of suites' => static fn (): float => $visitor->time('/suites'),
    'the list of keymaps' => static fn (): float => $visitor->time('/keymaps'),
    'a keymap' => static fn (): float => $visitor->time('/applications/cutloom/keymap'.Visitor::HERE),
    'the list of presets' => static fn (): float => $visitor->time('/presets'),
    'a suite\'s page' => static fn (): float => $visitor->time('/suites/avocet'),
    'a learner\'s place' => static fn (): float => $visitor->time('/learn'.Visitor::HERE),
    'an agent\'s assignment' => static fn (): float => $visitor->timeAgent(DemoWorld::TOKENS['avocet']),
];

/** @return array<string, float> medians in ms */
function medians(array $asked, int $rounds = 21): array
{
    $times = [];
    for ($round = -2; $round < $rounds; $round++) {
        foreach ($asked as $name => $ask) {
            $time = $ask();
            if ($round >= 0) {
                $times[$name][] = $time;
            }
        }
    }

    return array_map(static function (array $some): float {
        sort($some);

        return $some[intdiv(count($some), 2)];
    }, $times);
}

/** A year: steps of keymaps, releases, sittings, what happened in suites, what was rehearsed, entries of the journal, uses. */
function liveThroughAYear(int $keymap): int
{
    $kits = [];
    for ($person = 0; $person < PEOPLE; $person++) {
        $user = User::register([
            'name' => "Person {$person}",
            'email' => "person-{$person}@saltmarsh.example",
            'role' => Zebrafinch\Core\Suite\Role::Editor,
            'password' => 'not-asked-for',
        ]);
        $kits[] = $user->kit->id;
    }
    $all = implode(',', $kits);
    $users = implode(',', User::query()->pluck('id')->all());
    $suites = implode(',', Suite::query()->pluck('id')->all());
    $preset = DB::table('presets')->value('id');
    $filled = [':kits' => $all, ':users' => $users, ':suites' => $suites, ':keymap' => (string) $keymap, ':preset' => (string) $preset];
    $sql = strtr((string) file_get_contents(__DIR__.'/year.sql'), $filled);
    $rows = 0;
    foreach (array_filter(explode(";\n", $sql), static fn (string $one): bool => str_contains($one, 'insert')) as $statement) {
        $rows += DB::affectingStatement($statement);
    }
    DB::statement('analyze');

    return $rows;
}

$first = medians($asked);
$rows = liveThroughAYear($keymap);
$after = medians($asked);
foreach ($first as $name => $time) {
    echo Row::aimed(
        sprintf('%s with %s rows of history', $name, number_format($rows)),
        sprintf('%.2f × the first day (%.1f ms and %.1f ms)', $after[$name] / $time, $after[$name], $time),
        '≤ 1.2 ×',
        $after[$name] <= 1.2 * $time,
    ),
    "\n";
}
