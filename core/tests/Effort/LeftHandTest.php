<?php

declare(strict_types=1);

use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Tests\World;

function effortOf(string $chord, string $board = 'full-ansi'): ?float
{
    return (new LeftHand(World::board($board)))->of(Chord::parse($chord));
}

test('a finger at home travels nothing, one row away a pitch and the stagger', function () {
    expect(effortOf('KeyS'))
        ->toEqualWithDelta(0.0, 0.001)
        // E stands a row above S and D: one pitch up, a quarter of one to the side from D.
        ->and(effortOf('KeyE'))
        ->toEqualWithDelta(hypot(Board::PITCH, 0.25 * Board::PITCH), 0.01)
        // G is one pitch from F.
        ->and(effortOf('KeyG'))
        ->toEqualWithDelta(Board::PITCH, 0.01);
});

test('each modifier costs a pitch, and from the third on two', function (string $chord, float $pitches) {
    expect(effortOf($chord))->toEqualWithDelta($pitches * Board::PITCH, 0.01);
})->with([['Shift+KeyD', 1.0], ['Primary+Shift+KeyD', 2.0], ['Primary+Alt+Shift+KeyD', 4.0]]);

test('keys for the right hand cost more than those for the left', function () {
    expect(effortOf('KeyJ'))->toBeGreaterThan((float) effortOf('KeyB'))->and(effortOf('Numpad5'))->toBeGreaterThan(250.0);
});

test('a key that the board lacks, and a chord that names no key, have no effort', function () {
    expect(effortOf('Numpad5', 'laptop-iso'))->toBeNull()->and(effortOf("'<'"))->toBeNull();
});
