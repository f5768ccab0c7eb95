<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Tests\World;

/** @return list<string> the bindings of a list as lines, in their order */
function linesOf(Bindings $bindings): array
{
    return array_map(
        static fn (Binding $one): string => trim(
            "{$one->context} {$one->chord->id()} {$one->command}".($one->gesture === Gesture::Hold ? ' hold' : ''),
        ),
        $bindings->all(),
    );
}

/** @return list<string> the same without their order */
function sortedLines(Bindings $bindings): array
{
    $lines = linesOf($bindings);
    sort($lines);

    return $lines;
}

/** A binding out of a few, so that equal ones meet. */
function someBinding(): Binding
{
    $lines = [];
    foreach (['desk', 'shelf'] as $context) {
        foreach (['KeyS', 'KeyP', 'Primary+KeyG'] as $chord) {
            foreach (['saw', 'plane'] as $command) {
                $lines[] = "{$context} {$chord} {$command}";
            }
        }
    }

    return World::bindings($lines[mt_rand(0, count($lines) - 1)])->all()[0];
}

function someBindings(int $most = 8): Bindings
{
    $count = mt_rand(0, $most);

    return Bindings::of(...array_map(static fn (): Binding => someBinding(), $count === 0 ? [] : range(1, $count)));
}

test('the order of lines stays, and what is added stands behind them', function () {
    $bindings = World::bindings("desk KeyS saw\nshelf KeyG glue\ndesk KeyS saw");
    $plane = World::bindings('desk KeyP plane')->all()[0];
    expect(linesOf($bindings->plus($plane)))->toBe(['desk KeyS saw', 'shelf KeyG glue', 'desk KeyS saw', 'desk KeyP plane']);
});

test('of equal lines the last goes first, one for each that is taken out', function () {
    $bindings = World::bindings("desk KeyS saw\nshelf KeyG glue\ndesk KeyS saw");
    $saw = $bindings->all()[0];
    expect(linesOf($bindings->minus($saw)))
        ->toBe(['desk KeyS saw', 'shelf KeyG glue'])
        ->and(linesOf($bindings->minus($saw, $saw, $saw)))
        ->toBe(['shelf KeyG glue']);
});

test('a tap and a hold of one chord are two bindings', function () {
    $bindings = World::bindings("desk KeyS saw\ndesk KeyS saw hold");
    expect($bindings->has($bindings->all()[1]))
        ->toBeTrue()
        ->and(linesOf($bindings->minus($bindings->all()[0])))
        ->toBe(['desk KeyS saw hold'])
        ->and(count(array_unique($bindings->ids())))
        ->toBe(2);
});

test('bindings and changes come back from what is stored of them', function () {
    for ($number = 0; $number < 200; $number++) {
        mt_srand($number);
        [$one, $other] = [someBindings(), someBindings()];
        $change = Change::between($one, $other);
        expect(linesOf(Bindings::fromData($one->toData())))
            ->toBe(linesOf($one))
            ->and(Change::fromData($change->toData()))
            ->toEqual($change);
    }
});

test('a change between two lists leads from one to the other, and its inverse back', function () {
    for ($number = 0; $number < 300; $number++) {
        mt_srand($number);
        [$from, $to] = [someBindings(), someBindings()];
        $change = Change::between($from, $to);
        expect(sortedLines($from->changedBy($change)))
            ->toBe(sortedLines($to))
            ->and(sortedLines($to->changedBy($change->inverse())))
            ->toBe(sortedLines($from))
            ->and($change->isEmpty())
            ->toBe(sortedLines($from) === sortedLines($to));
    }
});

test('a change can be made without losing anything where nothing conflicts, and is told where something does', function () {
    $conflicts = 0;
    for ($number = 0; $number < 300; $number++) {
        mt_srand($number);
        $now = someBindings();
        $change = Change::none()->removing(someBinding())->adding(someBinding());
        $conflicting = $change->conflictsWith($now);
        $conflicts += $conflicting === [] ? 0 : 1;
        if ($conflicting === []) {
            expect(sortedLines($now->changedBy($change)->changedBy($change->inverse())))->toBe(sortedLines($now));
        } else {
            expect($now->has($change->removed[0]) && ! $now->minus($change->removed[0])->has($change->added[0]))->toBeFalse();
        }
    }
    expect($conflicts)->toBeGreaterThan(0)->toBeLessThan(300);
});

test('the chords of a command are told alike however the bindings came to be', function () {
    $made = World::bindings("desk KeyS saw\nshelf KeyP plane\ndesk KeyG saw");
    $read = Bindings::fromData($made->toData());
    $changed = World::bindings("desk KeyS saw\nshelf KeyP plane")->changedBy(
        Change::none()->adding(...World::bindings('desk KeyG saw')->all()),
    );
    foreach ([$made, $read, $changed] as $bindings) {
        $ids = static fn (string $command): array => array_map(
            static fn (Binding $one): string => $one->chord->id(),
            $bindings->ofCommand($command),
        );
        expect([$ids('saw'), $ids('plane'), $ids('glue')])->toBe([['KeyS', 'KeyG'], ['KeyP'], []]);
        // And once more, from what was sorted before.
        expect([$ids('plane'), $ids('saw')])->toBe([['KeyP'], ['KeyS', 'KeyG']]);
    }
});
