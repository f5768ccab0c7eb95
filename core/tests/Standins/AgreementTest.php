<?php

declare(strict_types=1);

use Standins\Cutloom\Cutloom;
use Standins\Faderloft\Faderloft;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Dialect\Dialects;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Tests\World;

// The stand-ins read key files with readers of their own, written apart from the dialects and from who(): two ways to one answer.

function standIn(string $id): Simulated
{
    require_once World::path('standins/workstation/autoload.php');

    return $id === 'cutloom'
        ? new Cutloom(World::bytes('catalogues/cutloom/factory.xml'))
        : new Faderloft(World::bytes('catalogues/faderloft/factory.tsv'));
}

function writtenFor(Application $application, Bindings $bindings): string
{
    $dialect = Dialects::standard()->for($application);

    return (new KeyFileWriter($dialect))->write($dialect->read($dialect->blank($application), $application), $bindings);
}

/**
 * Presses, in every focus, all chords that are bound anywhere, and every key alone and with Shift, and tells where the stand-in
 * did otherwise than the rules say.
 *
 * @return list<string>
 */
function disagreements(LoadedKeymap $keymap, string $bytes): array
{
    $standIn = standIn($keymap->application->id);
    $who = new Who($keymap);
    $chords = array_map(static fn (string $press): Chord => Chord::parse(explode(' ', $press)[0]), array_keys($keymap->presses()));
    foreach ($keymap->seat->board->keys() as $placed) {
        array_push($chords, ...($placed->key->isOnlyHeld() ? [] : [Chord::of($placed->key), Chord::of($placed->key, Modifier::Shift)]));
    }
    $found = [];
    foreach ($chords as $chord) {
        $press = new KeyPress($chord->key->value, array_map(static fn (Modifier $one): string => $one->value, $chord->modifiers->all()));
        foreach ($keymap->application->contexts->all() as $focus) {
            $said = $who->gets($chord, Gesture::Tap, $focus->id)->winner()?->command;
            $did = $standIn->press($bytes, $keymap->seat->system->value, $focus->id, $press, new Strip)['command'];
            if ($said !== $did) {
                $found[] = "{$focus->id} {$chord->id()}: who() says ".($said ?? 'nothing').', the stand-in did '.($did ?? 'nothing');
            }
        }
    }

    return $found;
}

test('each stand-in obeys its factory keymap as who() says, on every key and focus', function (string $id, System $system) {
    $application = World::{$id}();
    $keymap = World::factory($application, $system);
    expect(disagreements($keymap, writtenFor($application, $keymap->bindings())))->toBe([]);
})->with(['cutloom', 'faderloft'])->with([System::MacOs, System::Windows]);

test('each stand-in obeys a generated keymap as who() says', function (string $id) {
    $application = World::{$id}();
    // On macOS Primary and Control are two keys, so that no two generated chords are one.
    $keymap = new LoadedKeymap($application, World::manyBindings($application, 300), World::seat(System::MacOs));
    expect(disagreements($keymap, writtenFor($application, $keymap->bindings())))->toBe([]);
})->with(['cutloom', 'faderloft']);

test('a double makes Cutloom refuse its file and Faderloft keep the first line, as who() says', function () {
    foreach (['cutloom' => 'timeline', 'faderloft' => 'tracks'] as $id => $context) {
        $application = World::{$id}();
        [$one, $other] = array_slice(array_column($application->commands(), 'id'), 0, 2);
        $bindings = World::bindings("{$context} F6 {$one}\n{$context} F6 {$other}\neverywhere F7 {$other}");
        $keymap = new LoadedKeymap($application, $bindings, World::seat(System::Linux));
        $did = standIn($id)->press(writtenFor($application, $bindings), 'linux', $context, new KeyPress('F6', []), new Strip);
        expect($did['command'])->toBe($application->loading === LoadingRule::RefuseFile ? null : $one)
            ->and((new Who($keymap))->gets(Chord::of(Key::F6), Gesture::Tap, $context)->winner()?->command)->toBe($did['command']);
    }
});

test('commands change the little world that they act on', function (string $command, Closure $check) {
    $strip = new Strip;
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
    expect(World::seat(System::MacOs)->layers())->toHaveCount(16)
        ->and(array_filter(World::seat(System::Linux, 'full-iso', 'german')->layers(), static fn (Modifiers $one): bool => $one->has(Modifier::AltGraph)))->toHaveCount(2);
});
