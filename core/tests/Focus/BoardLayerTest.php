<?php

declare(strict_types=1);

use Zebrafinch\Core\Focus\BoardLayer;
use Zebrafinch\Core\Focus\KeyUse;
use Zebrafinch\Core\Focus\LayerKey;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Tests\World;

/** @return array<string, LayerKey> by key code */
function layer(string $bindings, string $focus, Modifier ...$held): array
{
    $keys = (new BoardLayer(World::loaded($bindings)))->keys(Modifiers::of(...$held), $focus);

    return array_combine(array_map(static fn (LayerKey $one): string => $one->place->key->value, $keys), $keys);
}

test('a key is taken here, taken elsewhere, or free', function () {
    $keys = layer("everywhere KeyA saw\nshelf KeyB plane", 'desk');
    expect($keys['KeyA']->use)->toBe(KeyUse::Taken)->and($keys['KeyA']->winner?->command)->toBe('saw')
        ->and($keys['KeyB']->use)->toBe(KeyUse::TakenElsewhere)->and($keys['KeyB']->elsewhere[0]->command)->toBe('plane')
        ->and($keys['KeyC']->use)->toBe(KeyUse::Free)
        ->and($keys['ShiftLeft']->chord)->toBeNull();
});

test('each layer has its own uses, and primary is the key that it is on the system', function () {
    $keys = layer("desk Primary+KeyA saw\ndesk Shift+KeyA plane", 'desk', Modifier::Meta);
    expect($keys['KeyA']->winner?->command)->toBe('saw');
});

test('a key that is bound here and outside names both', function () {
    $key = layer("everywhere KeyA saw\ndesk KeyA plane", 'desk')['KeyA'];
    expect($key->winner?->command)->toBe('plane')->and($key->elsewhere[0]->command)->toBe('saw');
});
