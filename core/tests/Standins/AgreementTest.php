<?php

declare(strict_types=1);

use Standins\Desktop\Desktop;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\TitleBindings;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\Symbol;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\History;
use Zebrafinch\Core\Tests\World;

// The stand-ins read key files with readers of their own, written apart from the dialects and from who(): two ways to one answer.

function standIn(string $id): Simulated
{
    require_once World::path('standins/workstation/autoload.php');
    $class = 'Standins\\'.ucfirst($id).'\\'.ucfirst($id);

    return new $class(World::factoryBytes($id));
}

function writtenFor(Application $application, Bindings $bindings): string
{
    $dialect = World::dialects()->for($application);

    return (new KeyFileWriter($dialect))->write($dialect->read($dialect->blank(), $application), $bindings);
}

/** A press at a seat as the operating system there tells it to an application. */
function keyPress(Chord $press, Seat $seat, Gesture $gesture = Gesture::Tap): KeyPress
{
    $symbols = $seat->symbols($press->key);

    return new KeyPress(
        $press->key->value,
        array_map(static fn (Modifier $one): string => $one->value, $press->modifiers->all()),
        array_map(static fn (?Symbol $one): ?string => $one?->character, $symbols),
        array_map(static fn (?Symbol $one): bool => $one?->isDead ?? false, $symbols),
        $gesture === Gesture::Hold,
    );
}

/**
 * Presses, in every focus, all chords that are bound anywhere, and every key alone, with Shift and with AltGr, and tells where the
 * stand-in did otherwise than the rules say.
 *
 * @return list<string>
 */
function disagreements(LoadedKeymap $keymap, string $bytes, ?string $titles = null): array
{
    $standIn = standIn($keymap->application->id);
    $desktop = new Desktop([
        $keymap->application->id => Desktop::menus(World::json("catalogues/{$keymap->application->id}/catalogue.json")),
    ]);
    $who = new Who($keymap);
    $presses = [...$keymap->presses(), ...$keymap->desktop?->presses() ?? []];
    foreach ($keymap->seat->board->keys() as $placed) {
        foreach ($placed->key->isOnlyHeld() ? [] : [[], [Modifier::Shift], $keymap->seat->system->altGraph()] as $held) {
            $press = Press::of(Chord::of($placed->key, ...$held));
            $presses[$press->id] = $press;
        }
    }
    $found = [];
    $system = $keymap->seat->system->value;
    foreach (array_filter($presses, static fn (Press $press): bool => $press->isPossible()) as $press) {
        $chord = $press->made;
        foreach (
            $keymap->application->tellsHold || count($keymap->bindings()->all()) < 150 ? Gesture::cases() : [Gesture::Tap] as $gesture
        ) {
            $key = keyPress($chord, $keymap->seat, $gesture);
            foreach ($keymap->application->contexts->all() as $focus) {
                $strip = new Strip();
                $said = $who->gets($chord, $gesture, $focus->id)->winner()?->command;
                $did = ($desktop->press($titles, $system, $keymap->application->id, $standIn, $key, $strip) ??
                    $standIn->press($bytes, $system, $focus->id, $key, $strip))['command'];
                if ($said !== $did) {
                    $found[] =
                        "{$focus->id} {$gesture->value} {$press->id}: who() says ".
                        ($said ?? 'nothing').
                        ', the stand-in did '.
                        ($did ?? 'nothing');
                }
            }
        }
    }

    return $found;
}

/** @return array<string, array{System, string, string}> system, board and layout of the demo's suites */
function suiteSeats(): array
{
    return [
        'Avocet' => [System::MacOs, 'full-ansi', 'us'],
        'Bittern' => [System::Windows, 'full-iso', 'german'],
        'Dunlin' => [System::Linux, 'full-iso', 'swedish'],
        'Road case' => [System::MacOs, 'laptop-iso', 'french'],
    ];
}

test('each stand-in obeys its factory keymap as who() says, on every key, gesture and focus', function (
    string $id,
    System $system,
    string $board,
    string $layout,
) {
    $application = World::application($id);
    $keymap = new LoadedKeymap($application, World::factory($application)->bindings(), World::seat($system, $board, $layout));
    expect(disagreements($keymap, World::factoryBytes($id)))->toBe([]);
})
    ->with(World::applicationIds())
    ->with(suiteSeats());

test('each stand-in obeys a generated keymap as who() says, clashes and all', function (
    string $id,
    System $system,
    string $board,
    string $layout,
) {
    $application = World::application($id);
    $bindings = World::manyBindings($application, 160);
    // Some chords come again further down, for another command.
    $again = array_map(
        static fn (Binding $one): Binding => new Binding($one->chord, 'undo', $one->context, $one->gesture),
        array_slice($bindings->all(), 0, $application->loading === LoadingRule::RefuseFile ? 0 : 25),
    );
    $keymap = new LoadedKeymap($application, $bindings->plus(...$again), World::seat($system, $board, $layout));
    expect(disagreements($keymap, writtenFor($application, $keymap->bindings())))->toBe([]);
})
    ->with(World::applicationIds())
    ->with(array_slice(suiteSeats(), 1, 2));

test('AltGr is pressed as the system makes it, as who() says', function (string $id, System $system) {
    $application = World::application($id);
    $context = $application->contexts->all()[1]->id;
    $bindings = World::bindings("{$context} AltGraph+F6 undo\n{$context} Shift+AltGraph+F7 redo\n{$context} Primary+AltGraph+F8 copy");
    $keymap = new LoadedKeymap($application, $bindings, World::seat($system, 'full-iso', 'german'));
    $who = new Who($keymap);
    foreach ($bindings as $binding) {
        $press = $keymap->seat->press($binding->chord)->made;
        $did = standIn($id)->press(
            writtenFor($application, $bindings),
            $system->value,
            $context,
            keyPress($press, $keymap->seat),
            new Strip(),
        );
        expect($did['command'])
            ->toBe($binding->command)
            ->and($who->gets($press, Gesture::Tap, $context)->winner()?->command)
            ->toBe($binding->command);
    }
})
    ->with(World::applicationIds())
    ->with(System::cases());

test('the desktop takes a press before the application when its title is exact, as who() says', function (string $id) {
    $all = World::applicationsAndDesktop();
    $desktop = $all['desktop'];
    $titles = array_slice(DesktopCatalogue::titlesOf($all[$id]), 0, 40);
    $bindings = [];
    foreach (array_keys($titles) as $number => $title) {
        // Every fourth title is written a little otherwise, so that it chooses nothing.
        $written = $number % 4 === 3 ? strtoupper($title) : $title;
        $chord = Chord::of(
            [Key::F5, Key::F6, Key::F7, Key::F8, Key::F9][$number % 5],
            ...[[], [Modifier::Shift], [Modifier::Alt], [Modifier::Primary]][$number % 4],
        );
        $bindings[] = new Binding($chord, DesktopCatalogue::command($id, $written), $id);
    }
    $seat = World::seat(System::Windows);
    $store = Bindings::of(...$bindings);
    $keymap = new LoadedKeymap(
        $all[$id],
        World::factory($all[$id])->bindings(),
        $seat,
        TitleBindings::for($all[$id], new LoadedKeymap($desktop, $store, $seat)),
    );
    expect(array_filter($keymap->desktop?->presses() ?? []))
        ->not->toBe([])
        ->and(disagreements($keymap, World::factoryBytes($id), writtenFor($desktop, $store)))
        ->toBe([]);
})->with(World::applicationIds());

test('a double makes Cutloom refuse its file and Faderloft keep the first line, as who() says', function () {
    foreach (['cutloom' => 'timeline', 'faderloft' => 'tracks'] as $id => $context) {
        $application = World::application($id);
        [$one, $other] = array_slice(array_column($application->commands(), 'id'), 0, 2);
        $bindings = World::bindings("{$context} F6 {$one}\n{$context} F6 {$other}\neverywhere F7 {$other}");
        $keymap = new LoadedKeymap($application, $bindings, World::seat(System::Linux));
        $did = standIn($id)->press(writtenFor($application, $bindings), 'linux', $context, new KeyPress('F6', []), new Strip());
        expect($did['command'])
            ->toBe($application->loading === LoadingRule::RefuseFile ? null : $one)
            ->and((new Who($keymap))->gets(Chord::of(Key::F6), Gesture::Tap, $context)->winner()?->command)
            ->toBe($did['command']);
    }
});

test('commands change the little world that they act on', function (string $command, Closure $check) {
    $strip = new Strip();
    $bytes = writtenFor(World::cutloom(), World::bindings("everywhere F6 {$command}"));
    standIn('cutloom')->press($bytes, 'linux', 'timeline', new KeyPress('F6', []), $strip);
    expect($check($strip->toArray()))->toBeTrue();
})->with([
    ['split-at-playhead', fn (array $state): bool => count($state['clips']) === 4 && $state['clips'][0]['to'] === 120],
    ['lift', fn (array $state): bool => count($state['clips']) === 2 && $state['clips'][0]['from'] === 160],
    ['take-out-and-close-gap', fn (array $state): bool => $state['clips'][0]['from'] === 0 && count($state['clips']) === 2],
    ['one-frame-forwards', fn (array $state): bool => $state['playhead'] === 121],
    ['ten-frames-backwards', fn (array $state): bool => $state['playhead'] === 110],
    ['go-to-next-cut', fn (array $state): bool => $state['playhead'] === 160],
    ['set-in-mark', fn (array $state): bool => $state['mark_in'] === 120],
    ['add-marker', fn (array $state): bool => $state['markers'] === [60, 120]],
    ['previous-marker', fn (array $state): bool => $state['playhead'] === 60],
    ['play-forwards', fn (array $state): bool => $state['running'] === 'playing forwards'],
    ['enable-or-disable-clip', fn (array $state): bool => $state['clips'][0]['off'] === true],
]);

test('layers hold only what a seat has', function () {
    expect(World::seat(System::MacOs)->layers())
        ->toHaveCount(16)
        ->and(
            array_filter(
                World::seat(System::Linux, 'full-iso', 'german')->layers(),
                static fn (Modifiers $one): bool => $one->has(Modifier::AltGraph),
            ),
        )
        ->toHaveCount(2);
});

test('after any history the stand-in does with the written file what who() says, and no loser of a double runs', function (
    string $id,
    int $seed,
) {
    mt_srand($seed);
    $application = World::application($id);
    [$system, $board, $layout] = array_values(suiteSeats())[mt_rand(0, 3)];
    $seat = World::seat($system, $board, $layout);
    $dialect = World::dialects()->for($application);
    $file = $dialect->read(World::factoryBytes($id), $application);
    [$parent, $follower] = [History::of($file->order(), $file->bindings()), History::of($file->order(), $file->bindings())];
    for ($step = 0; $step < 30; $step++) {
        foreach ([&$parent, &$follower] as &$history) {
            $all = $history->bindings()->all();
            $from = $all[mt_rand(0, count($all) - 1)];
            $to = $all[mt_rand(0, count($all) - 1)];
            $history = match (mt_rand(0, 4)) {
                0 => $history->undone(),
                1 => $history->redone(),
                2 => $history->with(Change::none()->removing($from)),
                default => $history->with(Change::none()->removing($from)->adding($from->at($to->chord))),
            };
        }
        $follower = $follower->on($parent->bindings());
    }
    $bindings = $follower->bindings();
    $bytes = (new KeyFileWriter($dialect))->write($file, $bindings);
    $keymap = new LoadedKeymap($application, $bindings, $seat);
    expect(disagreements($keymap, $bytes))->toBe([]);
    $standIn = standIn($id);
    foreach (BuiltInKinds::docket(World::reserved())->of($keymap) as $clash) {
        $press = $seat->press($clash->bindings[0]->chord);
        foreach ($clash->kind->name() === 'double' && $press->isPossible() ? $clash->losing : [] as $loser) {
            $others = array_filter($clash->bindings, static fn (Binding $one): bool => $one->command === $loser->command);
            if (count($others) === 1) {
                $key = keyPress($press->made, $seat, $loser->gesture);
                $did = $standIn->press($bytes, $system->value, $loser->context, $key, new Strip())['command'];
                expect($did)->not->toBe($loser->command, "{$id}, seed {$seed}: {$clash->sentence()}");
            }
        }
    }
})
    ->with(World::applicationIds())
    ->with(range(1, 5));
