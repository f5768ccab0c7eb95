<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\UnknownCommand;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Remap\Choice;
use Zebrafinch\Core\Remap\Remap;
use Zebrafinch\Core\Tests\World;

/** @return array<string, Choice> by kind */
function choices(LoadedKeymap $keymap, string $context, string $chord, string $command): array
{
    $choices = (new Remap($keymap, BuiltInKinds::docket(World::reserved())))->choices(
        new Binding(Chord::parse($chord), $command, $context),
    );

    return array_combine(array_map(static fn (Choice $one): string => $one->kind->value, $choices), $choices);
}

/** @return list<string> */
function linesAfter(LoadedKeymap $keymap, Choice $choice): array
{
    return array_map(
        static fn (Binding $one): string => "{$one->context} {$one->chord->id()} {$one->command}",
        $keymap->bindings()->changedBy($choice->change)->all(),
    );
}

test('a free chord is added beside the old one or put in its place', function () {
    $keymap = World::loaded('desk KeyS saw');
    $choices = choices($keymap, 'desk', 'KeyB', 'saw');
    expect(array_keys($choices))
        ->toBe(['add-beside', 'replace'])
        ->and(linesAfter($keymap, $choices['add-beside']))
        ->toBe(['desk KeyS saw', 'desk KeyB saw'])
        ->and(linesAfter($keymap, $choices['replace']))
        ->toBe(['desk KeyB saw']);
});

test('a held chord is taken over, swapped, or left with both, the fault last', function () {
    $keymap = World::loaded("desk KeyS saw\ndesk KeyB plane");
    $choices = choices($keymap, 'desk', 'KeyB', 'saw');
    expect(array_keys($choices))
        ->toBe(['take-over', 'take-over-instead', 'swap', 'add-beside'])
        ->and(linesAfter($keymap, $choices['take-over']))
        ->toBe(['desk KeyS saw', 'desk KeyB saw'])
        ->and(linesAfter($keymap, $choices['take-over-instead']))
        ->toBe(['desk KeyB saw'])
        ->and(linesAfter($keymap, $choices['swap']))
        ->toBe(['desk KeyB saw', 'desk KeyS plane'])
        ->and($choices['swap']->consequences->raised)
        ->toBe([])
        ->and($choices['add-beside']->consequences->raisesFault())
        ->toBeTrue();
});

test('taking over says who is left without a chord', function () {
    $take = choices(World::loaded("desk KeyS saw\ndesk KeyB plane"), 'desk', 'KeyB', 'saw')['take-over'];
    $lost = array_values(array_filter($take->consequences->relearning, static fn ($one): bool => $one->command === 'plane'))[0];
    expect($lost->after)
        ->toBe([])
        ->and($lost->before[0]->id())
        ->toBe('KeyB');
});

test('a shadow over another context is told before', function () {
    $keymap = World::loaded("everywhere KeyB glue\ndesk KeyS saw");
    $remap = new Remap($keymap, BuiltInKinds::docket(World::reserved()));
    expect(array_column($remap->neighbours(new Binding(Chord::parse('KeyB'), 'saw', 'desk')), 'command'))
        ->toBe(['glue'])
        ->and(
            array_map(
                static fn (Clash $raised): string => $raised->kind->name(),
                choices($keymap, 'desk', 'KeyB', 'saw')['replace']->consequences->raised,
            ),
        )
        ->toBe(['shadow']);
});

test('a chord that is taken around is freed there in the same step, and nothing is hidden', function () {
    $keymap = World::loaded("everywhere KeyB glue\ndesk KeyS saw");
    $free = choices($keymap, 'desk', 'KeyB', 'saw')['free-around'];
    expect($free->title)
        ->toBe('Add B beside S, and free it in Everywhere (Glue)')
        ->and(linesAfter($keymap, $free))
        ->toBe(['desk KeyS saw', 'desk KeyB saw'])
        ->and($free->consequences->raised)
        ->toBe([]);
});

test('a chord is free when nobody loses anything by it', function (string $lines, bool $isFree) {
    $remap = new Remap(World::loaded($lines), BuiltInKinds::docket(World::reserved()));
    $wanted = new Binding(Chord::parse('KeyB'), 'saw', 'desk');
    expect($remap->isFree($wanted, $remap->choices($wanted)))->toBe($isFree);
})->with([
    'nobody has it' => ['desk KeyS saw', true],
    'the same context has it' => ['desk KeyB plane', false],
    'it would hide something' => ['everywhere KeyB glue', false],
    'it is had already' => ['desk KeyB saw', false],
]);

test('a chord that the command has already offers nothing', function () {
    expect(choices(World::loaded('desk KeyB saw'), 'desk', 'KeyB', 'saw'))->toBe([]);
});

test('a dead line of the command itself can be brought to life by taking over', function () {
    $keymap = World::loaded("desk KeyB plane\ndesk KeyB saw", World::workshop(LoadingRule::FirstLineWins));
    expect(linesAfter($keymap, choices($keymap, 'desk', 'KeyB', 'saw')['take-over']))->toBe(['desk KeyB saw']);
});

test('a command that the catalogue lacks is refused', function () {
    choices(World::loaded('desk KeyB saw'), 'desk', 'KeyX', 'weld');
})->throws(UnknownCommand::class, 'no command "weld"');

test('undoing a change gives the bindings from before, by meaning', function () {
    $keymap = World::loaded("desk KeyS saw\ndesk KeyB plane\ndrawer KeyG glue");
    foreach (choices($keymap, 'desk', 'KeyB', 'saw') as $choice) {
        $after = $keymap->bindings()->changedBy($choice->change);
        expect(Change::between($after->changedBy($choice->change->inverse()), $keymap->bindings())->isEmpty())->toBeTrue();
    }
});

test('a change made on older bindings names what stands against it', function () {
    $change = Change::none()->removing(...World::bindings('desk KeyB plane'))->adding(...World::bindings('desk KeyB saw'));
    expect($change->conflictsWith(World::bindings("desk KeyB plane\ndesk KeyX glue")))
        ->toBe([])
        ->and(array_column($change->conflictsWith(World::bindings('desk KeyB saw')), 'command'))
        ->toBe(['plane', 'saw']);
});

test('free chords clash with nothing in the contexts of the command', function () {
    $keymap = World::factory(World::cutloom());
    foreach ((new Offers(reserved: World::reserved()))->for($keymap, 'lift', 'timeline', 200) as $free) {
        $after = $keymap->after(Change::none()->adding(new Binding($free->chord, 'lift', 'timeline')));
        expect(
            array_diff_key(BuiltInKinds::docket(World::reserved())->of($after), BuiltInKinds::docket(World::reserved())->of($keymap)),
        )->toBe([], $free->chord->id());
    }
});

test('the chord that the intent has elsewhere comes first when it is free, with the reason', function () {
    $elsewhere = ['saw' => [Chord::parse('Alt+Shift+KeyP')]];
    $free = (new Offers($elsewhere))->for(World::loaded('desk KeyS saw'), 'saw', 'desk', 3);
    expect($free[0]->chord->id())
        ->toBe('Alt+Shift+KeyP')
        ->and($free[0]->reasons[0])
        ->toBe('the same chord in another application');
});

test('a chord under the left hand ranks before one across the board', function () {
    $ids = array_map(static fn ($one): string => $one->chord->id(), (new Offers())->for(World::loaded(''), 'saw', 'desk', 500));
    expect(array_search('KeyD', $ids, true))
        ->toBeLessThan(array_search('KeyP', $ids, true))
        ->and($ids)
        ->not->toContain('Escape', 'Primary+KeyQ');
});
