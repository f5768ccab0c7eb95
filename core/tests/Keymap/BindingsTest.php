<?php

declare(strict_types=1);

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Keymap\Overlay;
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

function eachOnce(Bindings $bindings): Bindings
{
    return Bindings::of(...array_values(array_combine($bindings->ids(), $bindings->all())));
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

test('a replaced binding stands where the old one stood, and nothing happens where there is none', function () {
    $bindings = World::bindings("desk KeyS saw\nshelf KeyG glue");
    [$saw, $glue] = $bindings->all();
    $plane = World::bindings('desk KeyP plane')->all()[0];
    expect(linesOf($bindings->replaced($saw, $plane)))
        ->toBe(['desk KeyP plane', 'shelf KeyG glue'])
        ->and($bindings->minus($saw)->replaced($saw, $plane)->all())
        ->toEqual([$glue]);
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

test('bindings, changes and overlays come back from what is stored of them', function () {
    for ($number = 0; $number < 200; $number++) {
        mt_srand($number);
        [$one, $other] = [someBindings(), someBindings()];
        $change = Change::between($one, $other);
        expect(linesOf(Bindings::fromData($one->toData())))
            ->toBe(linesOf($one))
            ->and(Change::fromData($change->toData()))
            ->toEqual($change)
            ->and(Overlay::fromData(Overlay::between($one, $other)->toData()))
            ->toEqual(Overlay::between($one, $other));
    }
});

test('a change between two lists leads from one to the other, and its inverse back', function () {
    for ($number = 0; $number < 300; $number++) {
        mt_srand($number);
        [$from, $to] = [someBindings(), someBindings()];
        $change = Change::between($from, $to);
        expect(sortedLines($change->applyTo($from)))
            ->toBe(sortedLines($to))
            ->and(sortedLines($change->inverse()->applyTo($to)))
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
            expect(sortedLines($change->inverse()->applyTo($change->applyTo($now))))->toBe(sortedLines($now));
        } else {
            expect($now->has($change->removed[0]) && ! $now->minus($change->removed[0])->has($change->added[0]))->toBeFalse();
        }
    }
    expect($conflicts)->toBeGreaterThan(0)->toBeLessThan(300);
});

test('any history of changes is undone step by step to where it began, and made again', function () {
    for ($number = 0; $number < 100; $number++) {
        mt_srand($number);
        $states = [someBindings()];
        $changes = [];
        for ($step = mt_rand(1, 12); $step > 0; $step--) {
            $now = $states[count($states) - 1];
            $next = mt_rand(0, 1) === 0 ? $now->plus(someBinding()) : $now->minus(someBinding());
            $changes[] = Change::between($now, $next);
            $states[] = $next;
        }
        $now = $states[count($states) - 1];
        for ($step = count($changes) - 1; $step >= 0; $step--) {
            $now = $changes[$step]->inverse()->applyTo($now);
            expect(sortedLines($now))->toBe(sortedLines($states[$step]));
        }
        foreach ($changes as $step => $change) {
            $now = $change->applyTo($now);
            expect(sortedLines($now))->toBe(sortedLines($states[$step + 1]));
        }
    }
});

test('a variant over the parent it was made from is the variant itself', function () {
    for ($number = 0; $number < 300; $number++) {
        mt_srand($number);
        // Stored keymaps may have a line twice; a variant is told apart by what it says.
        [$parent, $own] = [eachOnce(someBindings()), eachOnce(someBindings())];
        expect(sortedLines(Overlay::between($parent, $own)->over($parent)))->toBe(sortedLines($own));
    }
});

test('a variant follows what its parent changes elsewhere, and gives way where the parent goes another way', function () {
    $parent = World::bindings("desk KeyS saw\ndesk KeyP plane\nshelf KeyG glue");
    $overlay = Overlay::between($parent, World::bindings("desk F6 saw\ndesk KeyP plane"));
    expect(linesOf($overlay->over(World::bindings("desk KeyS saw\nshelf KeyG glue\nnote KeyX paint"))))
        ->toBe(['desk F6 saw', 'note KeyX paint'])
        ->and(linesOf($overlay->over(World::bindings("desk KeyT saw\ndesk KeyP plane"))))
        ->toBe(['desk KeyT saw', 'desk KeyP plane'])
        ->and(Overlay::between($parent, $parent)->isEmpty())
        ->toBeTrue();
});
