<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Reach\ReservedBy;
use Zebrafinch\Core\Reach\ReservedChord;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Tests\World;

test('a reserved chord is found as it is held on its system, and on no other', function () {
    $reserved = ReservedChords::fromData([
        ['systems' => ['macos', 'linux'], 'by' => 'system', 'chords' => ['Primary+Space'], 'does' => 'searches', 'origin' => 'tests'],
    ]);
    $found = static fn (string $chord, System $system): ?string => $reserved->find(Chord::parse($chord)->on($system), $system)?->does;
    expect($found('Meta+Space', System::MacOs))
        ->toBe('searches')
        ->and($found('Primary+Space', System::MacOs))
        ->toBe('searches')
        ->and($found('Control+Space', System::Linux))
        ->toBe('searches')
        ->and($found('Control+Space', System::Windows))
        ->toBeNull()
        ->and($found('Control+Space', System::MacOs))
        ->toBeNull();
});

test('what the browser takes is no matter of the system', function () {
    $reserved = ReservedChords::fromData([
        ['systems' => ['windows'], 'by' => 'browser', 'chords' => ['Control+KeyW'], 'does' => 'closes the page', 'origin' => 'tests'],
    ]);
    $press = World::seat(System::Windows)->press(Chord::parse('Control+KeyW'));
    expect($reserved->has($press, System::Windows, ReservedBy::Browser))
        ->toBeTrue()
        ->and($reserved->has($press, System::Windows))
        ->toBeFalse()
        ->and($reserved->of(System::Windows, ReservedBy::System))
        ->toBe([])
        ->and(array_map(static fn (ReservedChord $one): string => $one->does, $reserved->of(System::Windows, ReservedBy::Browser)))
        ->toBe(['closes the page']);
});

test('every shipped entry says what takes the chord, what for, and where that is known from', function (System $system) {
    $all = [...World::reserved()->of($system, ReservedBy::System), ...World::reserved()->of($system, ReservedBy::Browser)];
    foreach ($all as $entry) {
        expect($entry->does)->not->toBe('')->and($entry->origin)->not->toBe('');
        expect(World::reserved()->find($entry->chord, $system, $entry->by))->toEqual($entry);
    }
    expect(count($all))->toBeGreaterThan(5);
})->with(System::cases());

test('nothing is reserved where nothing is said to be', function () {
    expect(ReservedChords::none()->find(Chord::parse('Meta+Space'), System::MacOs))->toBeNull();
});
