<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Reach\Reach;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\ReservedBy;
use Zebrafinch\Core\Tests\World;

function reach(string $chord, System $system, string $board, string $layout): Reach
{
    return (new ReachJudge(World::seat($system, $board, $layout), World::reserved()))->of(Chord::parse($chord));
}

test('each chord is reached as somebody at that board would find it', function (
    string $chord,
    System $system,
    string $board,
    string $layout,
    ReachKind $kind,
    string $says,
) {
    $reach = reach($chord, $system, $board, $layout);
    expect($reach->sentence)->toContain($says)->and($reach->kind)->toBe($kind);
})->with([
    '< has its own key in Germany' => ["'<'", System::Windows, 'full-iso', 'german', ReachKind::AsWritten, 'key of its own'],
    '< without the key left of Y' => [
        "'<'",
        System::Windows,
        'full-ansi',
        'german',
        ReachKind::NotOnBoard,
        'with a key that this board (Full size, ANSI) does not have',
    ],
    '< shifted in the US' => ["'<'", System::Linux, 'full-ansi', 'us', ReachKind::OtherKeys, 'typed with Shift comma'],
    '/ shifted in Germany' => ["Primary+'/'", System::Linux, 'no-pad-iso', 'german', ReachKind::OtherKeys, 'typed with Ctrl+Shift+7'],
    'a number pad on a laptop' => ['Numpad7', System::MacOs, 'laptop-iso', 'french', ReachKind::NotOnBoard, 'has no key Pad 7'],
    'Home on a laptop' => ['Shift+Home', System::MacOs, 'laptop-iso', 'french', ReachKind::OtherKeys, 'Fn with Left'],
    'Control+Alt+E in Germany on Windows' => [
        'Control+Alt+KeyE',
        System::Windows,
        'full-iso',
        'german',
        ReachKind::NeedsAltGr,
        'AltGr is Ctrl and Alt together, so Ctrl+Alt+E types €',
    ],
    'the same on Linux' => ['Control+Alt+KeyE', System::Linux, 'full-iso', 'german', ReachKind::AsWritten, 'pressed as it is written'],
    'the same with US keys' => ['Control+Alt+KeyE', System::Windows, 'full-ansi', 'us', ReachKind::AsWritten, 'as it is written'],
    'backquote in Sweden' => [
        "'`'",
        System::Linux,
        'full-iso',
        'swedish',
        ReachKind::DeadKey,
        'dead key on this layout (Shift acute accent)',
    ],
    '@ in Germany' => ["'@'", System::Windows, 'full-iso', 'german', ReachKind::NeedsAltGr, 'an application sees Ctrl+Alt+Q'],
    'a capital' => ["'S'", System::Linux, 'full-iso', 'german', ReachKind::AsWritten, 'Shift+S'],
    'a letter nobody types' => ["'ж'", System::Linux, 'full-iso', 'german', ReachKind::NotOnBoard, 'No key of the layout German types ж'],
    'reserved by the system' => ['Meta+Tab', System::MacOs, 'full-ansi', 'us', ReachKind::Reserved, 'switches between applications'],
    'reserved as primary' => ['Primary+Space', System::MacOs, 'full-ansi', 'us', ReachKind::Reserved, "the system's search"],
    'not reserved elsewhere' => ['Primary+Space', System::Windows, 'full-ansi', 'us', ReachKind::AsWritten, 'as it is written'],
]);

test('what only a browser keeps reaches other applications', function () {
    expect(World::reserved()->find(Chord::parse('Control+KeyT'), System::Windows, ReservedBy::Browser)?->does)
        ->toBe('opens or closes a page or a window')
        ->and(reach('Primary+KeyT', System::Windows, 'full-ansi', 'us')->kind)
        ->toBe(ReachKind::AsWritten);
});

test('every reserved chord says where it is known from', function () {
    foreach (World::json('boards/reserved.json')['reserved'] as $entry) {
        expect($entry['origin'])->not->toBe('');
    }
});
