<?php

declare(strict_types=1);

use Standins\Desktop\Desktop;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;
use Zebrafinch\Core\Tests\World;

// What each stand-in does by itself, with files written by hand: the dialects have no part in this.

function quirky(string $id): Simulated
{
    require_once World::path('standins/workstation/autoload.php');
    $class = 'Standins\\'.ucfirst($id).'\\'.ucfirst($id);

    return new $class(World::factoryBytes($id));
}

/** @param  list<string>  $held */
function pressed(string $code, array $held = [], ?string $plain = null, ?string $shifted = null, bool $isHeld = false): KeyPress
{
    require_once World::path('standins/workstation/autoload.php');

    return new KeyPress($code, $held, [$plain, $shifted, null, null], [false, false, false, false], $isHeld);
}

test('Easeframe lets the last line win, has its factory keys without a file, and types into text', function () {
    $easeframe = quirky('easeframe');
    $file = "[canvas]\npen = g # first\ntext-tool = g\n[everywhere]\nundo = primary+z\n";
    expect($easeframe->press($file, 'macos', 'canvas', pressed('KeyG'), new Strip())['command'])
        ->toBe('text-tool')
        ->and($easeframe->press($file, 'macos', 'canvas', pressed('KeyZ', ['Meta']), new Strip())['command'])
        ->toBe('undo')
        ->and($easeframe->press($file, 'windows', 'canvas', pressed('KeyZ', ['Meta']), new Strip())['command'])
        ->toBeNull()
        ->and($easeframe->press(null, 'macos', 'canvas', pressed('KeyM', ['Alt']), new Strip())['command'])
        ->toBe('magnifying-tool')
        ->and($easeframe->press('', 'macos', 'canvas', pressed('KeyM', ['Alt']), new Strip())['command'])
        ->toBeNull()
        ->and($easeframe->press("[text]\nbold = b\n", 'macos', 'text', pressed('KeyB', [], 'b', 'B'), new Strip())['did'])
        ->toBe('A character was typed into the text.');
});

test('Gradewell obeys a transport key of Everywhere before the desk, and any other key of Everywhere after it', function () {
    $gradewell = quirky('gradewell');
    $file =
        '{"maps": {"everywhere": {"space": "run-or-halt", "g": "save-job"}, '.
        '"grade-desk": {"space": "keep-a-still", "g": "keep-a-still"}, "nodes": {}}}';
    foreach (['grade-desk', 'nodes'] as $focus) {
        expect($gradewell->press($file, 'linux', $focus, pressed('Space'), new Strip())['command'])
            ->toBe('run-or-halt')
            ->and($gradewell->press($file, 'linux', $focus, pressed('KeyG'), new Strip())['command'])
            ->toBe('keep-a-still');
    }
    expect($gradewell->press($file, 'linux', 'conform-desk', pressed('KeyG'), new Strip())['command'])
        ->toBe('save-job')
        ->and($gradewell->press('[]', 'linux', 'nodes', pressed('KeyG'), new Strip())['did'])
        ->toContain('did not load');
});

test('Rotomere goes by what a key types, and does nothing where viewport and keyframes want different things', function () {
    $rotomere = quirky('rotomere');
    $file =
        "areas:\n  viewport:\n    - \"y\": show-outlines\n    - \"n\": loupe\n".
        "  keyframes:\n    - \"n\": even-pace\n  everywhere:\n    - \"n\": undo\n";
    // On a German keyboard the key KeyZ types y.
    expect($rotomere->press($file, 'linux', 'draw', pressed('KeyZ', [], 'y', 'Y'), new Strip())['command'])
        ->toBe('show-outlines')
        ->and($rotomere->press($file, 'linux', 'draw', pressed('KeyZ', ['Shift'], 'y', 'Y'), new Strip())['command'])
        ->toBeNull()
        ->and($rotomere->press($file, 'linux', 'viewport', pressed('KeyN', [], 'n', 'N'), new Strip()))
        ->toMatchArray(['command' => null, 'because' => 'The viewport and the keyframes both want it, for different things.'])
        ->and($rotomere->press($file, 'linux', 'everywhere', pressed('KeyN', [], 'n', 'N'), new Strip())['command'])
        ->toBe('undo');
});

test('Boardwick switches the tool with a tap and borrows it with a hold', function () {
    $boardwick = quirky('boardwick');
    $file = "where,keys,gesture,runs\r\neasel,B,tap,brush\r\neasel,\"E\",\"hold\",\"rubber\",\"mine, \"\"really\"\"\"\r\n";
    $strip = new Strip();
    $boardwick->press($file, 'macos', 'easel', pressed('KeyB'), $strip);
    expect($strip->tool)
        ->toBe('brush')
        ->and($boardwick->press($file, 'macos', 'easel', pressed('KeyE', isHeld: true), $strip)['command'])
        ->toBe('rubber')
        ->and($strip->toArray())
        ->toMatchArray(['tool' => 'rubber', 'is_borrowed' => true])
        ->and($strip->tool)
        ->toBe('brush')
        ->and($boardwick->press($file, 'macos', 'easel', pressed('KeyE'), $strip)['command'])
        ->toBeNull()
        ->and($boardwick->press($file, 'macos', 'easel', pressed('KeyB', isHeld: true), $strip)['command'])
        ->toBeNull();
});

test('the desktop chooses exact titles only, of the application in front', function (string $title, ?string $command) {
    $inFront = quirky('cutloom');
    $desktop = new Desktop(['cutloom' => Desktop::menus(World::json('catalogues/cutloom/catalogue.json')), 'faderloft' => []]);
    $store = json_encode(['titles' => ['cutloom' => ['Primary Alt R' => $title]]], JSON_THROW_ON_ERROR);
    $did = $desktop->press($store, 'macos', 'cutloom', $inFront, pressed('KeyR', ['Meta', 'Alt']), new Strip());
    expect($did['command'] ?? null)
        ->toBe($command)
        ->and($desktop->press($store, 'macos', 'faderloft', $inFront, pressed('KeyR', ['Meta', 'Alt']), new Strip()))
        ->toBeNull()
        ->and($desktop->press(null, 'macos', 'cutloom', $inFront, pressed('KeyR', ['Meta', 'Alt']), new Strip()))
        ->toBeNull();
})->with([['Relink media', 'relink-media'], ['Relink Media', null], ['Relink media…', null], ['Relink media ', null]]);

test('the little world has keyframes, tracks and a tool', function () {
    quirky('easeframe');
    $strip = new Strip();
    expect($strip->addKeyframe())
        ->toBe('There is a keyframe at frame 120.')
        ->and($strip->jump('keyframe', 1))
        ->toContain('200')
        ->and($strip->removeKeyframe())
        ->toBe('The keyframe at frame 200 is gone.')
        ->and($strip->removeKeyframe())
        ->toBe('There is no keyframe at the playhead.')
        ->and($strip->addTrack())
        ->toBe('There are 2 tracks now.')
        ->and($strip->take('pen'))
        ->toBe('The pen is in hand.')
        ->and($strip->toArray())
        ->toMatchArray(['keyframes' => [40, 120], 'tracks' => 2, 'tool' => 'pen', 'is_borrowed' => false]);
});

test('a file that is empty, or cut off anywhere, makes no stand-in fall over', function (string $id) {
    $standIn = quirky($id);
    $whole = World::factoryBytes($id);
    foreach (['', "\0", substr($whole, 0, 1), substr($whole, 0, intdiv(strlen($whole), 3)), substr($whole, 0, -2)] as $bytes) {
        expect($standIn->press($bytes, 'macos', 'everywhere', pressed('KeyJ', plain: 'j'), new Strip()))->toHaveKey('did');
    }
    if ($standIn instanceof Standins\Refusing) {
        expect($standIn->refusal('', 'macos'))->not->toBeNull();
    }
})->with(['cutloom', 'faderloft', 'easeframe', 'gradewell', 'rotomere', 'boardwick']);
