<?php

declare(strict_types=1);

use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Learn\DifferentNow;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\HeatMap;
use Zebrafinch\Core\Learn\MovedChord;
use Zebrafinch\Core\Learn\Pressable;
use Zebrafinch\Core\Learn\Ways;
use Zebrafinch\Core\Tests\World;

function handWays(): Ways
{
    return new Ways(World::seat(), TypingSpeed::ofClass(TypingClass::Average));
}

/**
 * @param  callable(string): bool|null  $isUsed
 * @return list<array{string, string, string|null, string|null}> command, old chord, new chord, what the old one runs now
 */
function differences(string $before, string $now, ?callable $isUsed = null): array
{
    return array_map(
        static fn (MovedChord $one): array => [$one->old->command, $one->old->chord->id(), $one->now?->chord->id(), $one->instead],
        DifferentNow::between(World::loaded($before), World::loaded($now), handWays(), $isUsed),
    );
}

test('a chord that moved is told with the old one, and with what that does now', function () {
    expect(differences("desk KeyS saw\ndesk KeyP plane", "desk KeyD saw\ndesk KeyS plane"))->toBe([
        ['saw', 'KeyS', 'KeyD', 'plane'],
        ['plane', 'KeyP', 'KeyS', null],
    ]);
});

test('another chord beside the old one is no difference, and one that was taken away is', function () {
    expect(differences('desk KeyS saw', "desk KeyS saw\ndesk KeyD saw"))
        ->toBe([])
        ->and(differences('desk KeyS saw', ''))
        ->toBe([['saw', 'KeyS', null, null]]);
});

test('what became hidden by something deeper has moved as well, where that has the focus', function () {
    expect(differences("drawer KeyS saw\ndesk KeyP plane", "drawer KeyS glue\ndesk KeyP plane"))->toBe([['saw', 'KeyS', null, 'glue']]);
});

test('what the hands do not use is not told', function () {
    $isUsed = static fn (string $command): bool => $command === 'plane';
    expect(differences("desk KeyS saw\ndesk KeyP plane", 'desk KeyD plane', $isUsed))->toBe([['plane', 'KeyP', 'KeyD', null]]);
});

test('what can be pressed is the quickest chord that gets through, by the gesture that is asked', function () {
    $keymap = World::loaded("desk KeyP saw\ndesk KeyS saw\ndrawer KeyS glue\ndesk KeyD saw hold", World::workshop(tellsHold: true));
    $id = static fn (string $focus, ?Gesture $gesture): ?string => Pressable::quickest(
        $keymap,
        handWays(),
        'saw',
        $focus,
        $gesture,
    )?->chord->id();
    expect($id('desk', Gesture::Tap))
        ->toBe('KeyS')
        ->and($id('drawer', Gesture::Tap))
        ->toBe('KeyP')
        ->and($id('drawer', Gesture::Hold))
        ->toBe('KeyD')
        ->and($id('wall', Gesture::Tap))
        ->toBeNull()
        ->and((new Who($keymap))->gets(Zebrafinch\Core\Keyboard\Chord::parse('KeyS'), Gesture::Tap, 'drawer')->winner()?->command)
        ->toBe('glue');
});

test('the map of heat counts presses of keys and of the modifiers that are held, and their travel', function () {
    $application = World::workshop();
    $bindings = World::bindings("desk KeyS saw\ndesk Shift+KeyG plane\ndesk KeyP glue");
    $doing = static fn (string $command, float $byKey): Doing => new Doing(
        $application,
        $application->command($command),
        $bindings->ofCommand($command),
        $byKey,
        50,
    );
    $map = HeatMap::of([$doing('saw', 10), $doing('plane', 4), $doing('glue', 0), $doing('paint', 7)], handWays(), World::seat());
    expect(array_map(static fn ($heat): float => $heat->presses, $map->keys))
        ->toEqual([Key::KeyS->value => 10.0, Key::KeyG->value => 4.0, Key::ShiftLeft->value => 4.0])
        ->and($map->presses())
        ->toBe(18.0)
        // S is home; G is one pitch of 19.05 mm from F, there and back.
        ->and($map->keys['KeyS']->travel)
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($map->keys['KeyG']->travel)
        ->toEqualWithDelta((4 * 2 * 19.05) / 1000, 1e-4)
        ->and($map->keys['ShiftLeft']->travel)
        ->toBeGreaterThan(0.0);
});
