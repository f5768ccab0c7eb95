<?php

declare(strict_types=1);

use Standins\Described\Described;
use Standins\KeyPress;
use Standins\Strip;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\Propose\Proposer;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keyboard\Symbol;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Tests\Dialect\Forms;
use Zebrafinch\Core\Tests\World;

// The interpreter of descriptions reads key files in a way of its own: two readers of one description, and two ways to one answer.

/** @return list<string> presses of which the interpreter says otherwise than who() */
function saidOtherwise(LoadedKeymap $keymap, Described $described, string $bytes, bool $onlyBound = false): array
{
    $who = new Who($keymap);
    $presses = $keymap->presses();
    foreach ($onlyBound ? [] : $keymap->seat->board->keys() as $placed) {
        $press = $placed->key->isOnlyHeld() ? null : Press::of(Chord::of($placed->key));
        $presses += $press === null ? [] : [$press->id => $press];
    }
    $found = [];
    foreach (array_filter($presses, static fn (Press $press): bool => $press->isPossible()) as $press) {
        $symbols = $keymap->seat->symbols($press->made->key);
        $key = new KeyPress(
            $press->made->key->value,
            array_map(static fn (Modifier $one): string => $one->value, $press->made->modifiers->all()),
            array_map(static fn (?Symbol $one): ?string => $one?->character, $symbols),
            array_map(static fn (?Symbol $one): bool => $one?->isDead ?? false, $symbols),
        );
        foreach ($keymap->application->contexts->all() as $focus) {
            $said = $who->gets($press->made, Gesture::Tap, $focus->id)->winner()?->command;
            $did = $described->press($bytes, $keymap->seat->system->value, $focus->id, $key, new Strip())['command'];
            if ($said !== $did) {
                $found[] = "{$focus->id} {$press->id}: ".($said ?? 'nothing').', the interpreter '.($did ?? 'nothing');
            }
        }
    }

    return $found;
}

beforeEach(fn () => require_once World::path('standins/workstation/autoload.php'));

test('an application that nobody simulates is obeyed as who() says, after changes too', function (string $form, string $loading) {
    $bytes = Forms::file($form);
    $proposal = Proposer::propose([$bytes], [], 'brought', 'brought');
    $catalogue = [
        'id' => 'brought',
        'name' => 'Brought',
        'purpose' => 'trying',
        'precedence' => 'deeper-first',
        'loading' => $loading,
        'dialect' => 'brought',
        'naming' => $proposal->isByCharacter ? 'character' : 'position',
        'contexts' => $proposal->contexts,
        'commands' => $proposal->commands,
    ];
    $application = (new CatalogueReader())->application($catalogue);
    $dialect = Dialect::fromData($proposal->description);
    $described = new Described(['catalogue' => $catalogue, 'dialect' => $proposal->description, 'factory' => $bytes]);
    $file = $dialect->read($bytes, $application);
    expect(saidOtherwise(new LoadedKeymap($application, $file->bindings(), World::seat(System::Windows)), $described, $bytes))->toBe([]);
    $old = $file->bindings()->all()[5];
    $more = [
        new Binding(Chord::parse('Primary+Shift+F8'), $old->command, $old->context),
        $file->bindings()->all()[2]->at(Chord::parse('Alt+F7')),
    ];
    $after = (new KeyFileWriter($dialect))->write($file, $file->bindings()->minus($old)->plus(...$more));
    $again = $dialect->read($after, $application)->bindings();
    expect(saidOtherwise(new LoadedKeymap($application, $again, World::seat()), $described, $after))->toBe([]);
})
    ->with(Forms::names())
    ->with(['first-line-wins', 'last-line-wins']);

test('the shipped descriptions are interpreted as their own stand-ins are held to', function (string $id) {
    $application = World::application($id);
    $described = new Described([
        'catalogue' => ['everywhere_first_for' => []] + World::json("catalogues/{$id}/catalogue.json"),
        'dialect' => World::json("catalogues/{$id}/dialect.json"),
        'factory' => World::factoryBytes($id),
    ]);
    $keymap = World::factory($application, System::Linux);
    expect(saidOtherwise($keymap, $described, World::factoryBytes($id)))->toBe([]);
})->with(array_values(array_diff(World::applicationIds(), ['gradewell', 'boardwick', 'rotomere'])));

test('mutated files of every form are read alike by both readers', function (string $form) {
    mt_srand(91);
    $good = Forms::file($form);
    $proposal = Proposer::propose([$good], [], 'brought', 'brought');
    $catalogue = [
        'id' => 'brought',
        'name' => 'B',
        'purpose' => 'x',
        'precedence' => 'deeper-first',
        'loading' => 'last-line-wins',
        'dialect' => 'brought',
        'contexts' => $proposal->contexts,
        'commands' => $proposal->commands,
    ];
    $application = (new CatalogueReader())->application($catalogue);
    $dialect = Dialect::fromData($proposal->description);
    $described = new Described(['catalogue' => $catalogue, 'dialect' => $proposal->description, 'factory' => $good]);
    $encoding = $dialect->description->encoding;
    $lines = preg_split('/(?<=\n)/', (string) $encoding->text($good)) ?: [];
    $compared = 0;
    for ($number = 0; $number < 14; $number++) {
        $some = $lines;
        foreach (range(1, mt_rand(1, 3)) as $unused) {
            $at = mt_rand(1, count($some) - 2);
            match (mt_rand(0, 2)) {
                0 => array_splice($some, $at, 1),
                1 => array_splice($some, $at, 0, [$some[mt_rand(1, count($some) - 2)]]),
                default => ([$some[$at], $some[$at - 1]] = [$some[$at - 1], $some[$at]]),
            };
        }
        $bytes = (string) $encoding->bytes(implode('', $some));
        try {
            $bindings = $dialect->read($bytes, $application)->bindings();
        } catch (Zebrafinch\Core\Refusal) {
            continue;
        }
        $compared++;
        expect(saidOtherwise(new LoadedKeymap($application, $bindings, World::seat(System::Windows)), $described, $bytes, true))->toBe(
            [],
            "number {$number}:\n".implode('', $some),
        );
    }
    expect($compared)->toBeGreaterThan(1);
})->with(Forms::names());
