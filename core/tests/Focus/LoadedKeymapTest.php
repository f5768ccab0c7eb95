<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\LookUpTable;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Tests\World;

const FEW_CHORDS = ['KeyS', 'Shift+KeyS', 'F6', "'1'", "'&'", "Alt+'1'"];

/** A binding out of so few that the same ones come, clash and go again and again. */
function fewBinding(Application $application): Binding
{
    $contexts = ['everywhere', 'desk', 'drawer', 'shelf', 'wall', 'note'];

    return new Binding(
        Chord::parse(FEW_CHORDS[mt_rand(0, count(FEW_CHORDS) - 1)]),
        ['saw', 'plane', 'glue'][mt_rand(0, 2)],
        $contexts[mt_rand(0, 5)],
        $application->tellsHold && mt_rand(0, 2) === 0 ? Gesture::Hold : Gesture::Tap,
    );
}

/** @return array<string, list<string>> what is bound to each press, in its order */
function everyPress(LoadedKeymap $keymap): array
{
    $bound = array_map(
        static fn (Press $press): array => array_map(static fn (Binding $one): string => $one->id(), $keymap->onPress($press)),
        $keymap->presses(),
    );
    ksort($bound);

    return $bound;
}

/** @return list<string> who gets each of the few chords by each gesture with each focus, in words */
function everyAnswer(LoadedKeymap $keymap): array
{
    $who = new Who($keymap);
    $answers = [];
    foreach (FEW_CHORDS as $chord) {
        foreach (Gesture::cases() as $gesture) {
            foreach ($keymap->application->contexts->all() as $focus) {
                $winner = $who->gets(Chord::parse($chord), $gesture, $focus->id)->winner();
                $answers[] = "{$chord} {$gesture->value} in {$focus->id}: ".($winner?->id() ?? 'nobody');
            }
        }
    }

    return $answers;
}

test('a keymap after a change is the keymap that is loaded with it from the start', function (
    LoadingRule $loading,
    bool $tellsHold,
    int $seed,
) {
    mt_srand($seed);
    $application = World::workshop($loading, tellsHold: $tellsHold);
    $seat = World::seat(System::Windows, 'full-iso', 'french');
    for ($round = 0; $round < 30; $round++) {
        $keymap = new LoadedKeymap(
            $application,
            Bindings::of(...array_map(static fn (): Binding => fewBinding($application), range(1, mt_rand(1, 8)))),
            $seat,
        );
        for ($step = 0; $step < 4; $step++) {
            $all = $keymap->bindings()->all();
            $change = Change::none()->adding(fewBinding($application));
            $change = $all === [] ? $change : $change->removing($all[mt_rand(0, count($all) - 1)]);
            $keymap = $keymap->after($change);
            $anew = new LoadedKeymap($application, $keymap->bindings(), $seat);
            expect(everyPress($keymap))
                ->toBe(everyPress($anew))
                ->and(everyAnswer($keymap))
                ->toBe(everyAnswer($anew))
                ->and($keymap->refusedFor())
                ->toEqual($anew->refusedFor());
        }
    }
})->with(LoadingRule::cases())->with([false, true])->with([1, 2]);

test('an application that tells no holds is asked about taps alone', function () {
    expect((new LoadedKeymap(World::workshop(tellsHold: false), Bindings::of(), World::seat()))->gestures())
        ->toBe([Gesture::Tap])
        ->and((new LoadedKeymap(World::workshop(tellsHold: true), Bindings::of(), World::seat()))->gestures())
        ->toBe(Gesture::cases());
});

test('a file is refused for a chord that two commands have in one context, and for nothing less', function (
    string $bindings,
    bool $isRefused,
) {
    $keymap = World::loaded($bindings, World::workshop(LoadingRule::RefuseFile));
    expect($keymap->refusedFor() !== null)->toBe($isRefused);
})->with([
    'two commands in one context' => ["desk KeyS saw\ndesk KeyS plane", true],
    'in two contexts' => ["desk KeyS saw\nshelf KeyS plane", false],
    'one command' => ['desk KeyS saw', false],
]);

test('the table says of every press, gesture and focus what who() says', function (int $seed) {
    mt_srand($seed);
    $application = World::workshop(tellsHold: true);
    $seat = World::seat(System::Windows, 'full-iso', 'french');
    for ($round = 0; $round < 12; $round++) {
        $keymap = new LoadedKeymap(
            $application,
            Bindings::of(...array_map(static fn (): Binding => fewBinding($application), range(1, 7))),
            $seat,
        );
        $table = LookUpTable::of($keymap, [Modifiers::of()]);
        $who = new Who($keymap);
        $winner = static function (array $ladder) use ($table): ?string {
            foreach ($ladder as $rung) {
                [, $command, $verdict] = array_values($table['rungs'][$rung]);
                if ($verdict === 'wins') {
                    return $table['commands'][$command]['id'];
                }
            }

            return null;
        };
        foreach ($keymap->presses() as $id => $press) {
            if ($press->made === null) {
                continue;
            }
            foreach ($table['contexts'] as $index => $focus) {
                foreach ([['presses', Gesture::Tap], ['holds', Gesture::Hold]] as [$part, $gesture]) {
                    if (isset($table[$part][$id])) {
                        expect($winner($table['ladders'][$table[$part][$id][$index]]))->toBe(
                            $who->gets($press->made, $gesture, $focus['id'])->winner()?->command,
                            "{$id} {$gesture->value} in {$focus['id']}",
                        );
                    }
                }
            }
        }
    }
})->with([1, 2, 3]);
