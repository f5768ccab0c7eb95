<?php

declare(strict_types=1);

use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\Comparison;
use Zebrafinch\Core\Tests\World;

test('two keymaps are compared command by command, whatever the order of their lines', function () {
    $one = World::bindings("desk KeyS saw\ndesk KeyP plane\nshelf KeyG glue\nshelf KeyG glue");
    $other = World::bindings("shelf KeyG glue\ndesk KeyP plane\ndesk KeyT saw\ndesk KeyS saw hold\nnote KeyX paint");
    $differences = Comparison::between($one, $other)->differences;
    expect(
        array_map(
            static fn ($one): string => "{$one->context} {$one->command}: ".count($one->before).' to '.count($one->after),
            $differences,
        ),
    )
        ->toBe(['desk saw: 1 to 2', 'shelf glue: 1 to 0', 'note paint: 0 to 1'])
        ->and($differences[0]->change()->removed[0]->chord->id())
        ->toBe('KeyS')
        ->and(Comparison::between($one, $one)->differences)
        ->toBe([]);
});

test('the way back leads there, for all, for a context and for a command', function () {
    $now = World::bindings("desk KeyS saw\ndesk KeyP plane\nshelf KeyG glue");
    $then = World::bindings("desk KeyT saw\nshelf KeyH glue\ndesk KeyP plane");
    $comparison = Comparison::between($now, $then);
    $after = static fn (Change $change): array => array_map(
        static fn ($one): string => "{$one->command} {$one->chord->id()}",
        $now->changedBy($change)->all(),
    );
    expect(Change::between($now->changedBy($comparison->change()), $then)->isEmpty())
        ->toBeTrue()
        ->and($after($comparison->only('shelf', null)->change()))
        ->toEqualCanonicalizing(['saw KeyS', 'plane KeyP', 'glue KeyH'])
        ->and($after($comparison->only(null, 'saw')->change()))
        ->toEqualCanonicalizing(['saw KeyT', 'plane KeyP', 'glue KeyG'])
        ->and($comparison->only('note', null)->change()->isEmpty())
        ->toBeTrue();
});
