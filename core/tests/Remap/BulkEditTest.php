<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\UnknownContext;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Remap\BulkEdit;
use Zebrafinch\Core\Tests\World;

/** @return list<string> what is added, one text each */
function added(Change $change): array
{
    return array_map(static fn (Binding $one): string => "{$one->context} {$one->chord->id()} {$one->command}", $change->added);
}

test('chords keep their keys when they move to another layer', function () {
    $keymap = World::loaded("desk KeyS saw\ndesk Primary+KeyP plane\ndesk Alt+KeyG glue");
    $change = (new BulkEdit($keymap))->toLayer($keymap->bindings()->all(), Modifiers::of(Modifier::Alt));
    expect(added($change))
        ->toBe(['desk Alt+KeyS saw', 'desk Alt+KeyP plane'])
        ->and($change->removed)
        ->toHaveCount(2);
});

test('a layer that holds the system\'s primary key is written so that it follows to other systems', function (
    System $system,
    Modifier $physical,
) {
    $keymap = World::loaded('desk KeyS saw', null, $system);
    expect(added((new BulkEdit($keymap))->toLayer($keymap->bindings()->all(), Modifiers::of($physical, Modifier::Shift))))->toBe([
        'desk Primary+Shift+KeyS saw',
    ]);
})->with([[System::MacOs, Modifier::Meta], [System::Windows, Modifier::Control]]);

test('two layers are exchanged, in one context or in all', function () {
    $keymap = World::loaded("desk KeyS saw\ndesk Shift+KeyS plane\nshelf KeyG glue\nshelf Primary+KeyG sand");
    $edit = new BulkEdit($keymap);
    [$plain, $shift] = [Modifiers::of(), Modifiers::of(Modifier::Shift)];
    expect(added($edit->exchanged($plain, $shift, 'desk')))
        ->toBe(['desk Shift+KeyS saw', 'desk KeyS plane'])
        ->and(added($edit->exchanged($plain, $shift, null)))
        ->toBe(['desk Shift+KeyS saw', 'desk KeyS plane', 'shelf Shift+KeyG glue']);
    $after = $keymap->after($edit->exchanged($plain, $shift, null));
    expect(
        Change::between($after->after((new BulkEdit($after))->exchanged($plain, $shift, null))->bindings(), $keymap->bindings())->isEmpty(),
    )->toBeTrue();
});

test('chords move and are copied to another context, and a context is cleared', function () {
    $keymap = World::loaded("desk KeyS saw\nshelf KeyS saw\ndesk KeyP plane");
    $edit = new BulkEdit($keymap);
    $desk = array_values(array_filter($keymap->bindings()->all(), static fn (Binding $one): bool => $one->context === 'desk'));
    expect(added($edit->toContext($desk, 'wall')))
        ->toBe(['wall KeyS saw', 'wall KeyP plane'])
        ->and(added($edit->copiedTo($desk, 'shelf')))
        ->toBe(['shelf KeyP plane'])
        ->and($edit->copiedTo($desk, 'shelf')->removed)
        ->toBe([])
        ->and($edit->cleared('desk')->removed)
        ->toHaveCount(2)
        ->and($edit->cleared('note')->isEmpty())
        ->toBeTrue()
        ->and(fn () => $edit->toContext($desk, 'kitchen'))
        ->toThrow(UnknownContext::class);
});

test('a chord by character becomes what its key types on the other layer', function () {
    $application = World::application('rotomere');
    $seat = World::seat(System::Windows, 'full-iso', 'german');
    $keymap = new LoadedKeymap($application, World::bindings("draw 'd' new-free-shape\ndraw '7' new-box"), $seat);
    expect(added((new BulkEdit($keymap))->toLayer($keymap->bindings()->all(), Modifiers::of(Modifier::Shift))))->toBe([
        "draw 'D' new-free-shape",
        "draw '/' new-box",
    ]);
});

test('two keys are exchanged as they work with the focus in one context, taps and holds alike', function () {
    $keymap = World::loaded("desk KeyS saw\neverywhere KeyP plane\ndrawer KeyS glue");
    $change = (new BulkEdit($keymap))->keysExchanged(Chord::parse('KeyS'), Chord::parse('KeyP'), 'desk');
    expect(added($change))->toBe(['desk KeyP saw', 'everywhere KeyS plane']);
    $after = $keymap->after($change);
    $back = (new BulkEdit($after))->keysExchanged(Chord::parse('KeyP'), Chord::parse('KeyS'), 'desk');
    expect(added($back))->toContain('desk KeyS saw');
    $boardwick = World::factory(World::application('boardwick'));
    $tools = (new BulkEdit($boardwick))->keysExchanged(Chord::parse('KeyQ'), Chord::parse('KeyW'), 'easel');
    expect(added($tools))->toBe(['easel KeyW pencil', 'easel KeyW pencil', 'easel KeyQ brush', 'easel KeyQ brush']);
});
