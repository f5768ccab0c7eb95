<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Application\UnknownContext;
use Zebrafinch\Core\Focus\Ladder;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Rung;
use Zebrafinch\Core\Focus\Verdict;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Tests\World;

function ladder(LoadedKeymap $keymap, string $chord, string $focus): Ladder
{
    return (new Who($keymap))->gets(Chord::parse($chord), Gesture::Tap, $focus);
}

/** @return list<string> `Context: verdict command` */
function rungs(Ladder $ladder): array
{
    return array_map(
        static fn (Rung $rung): string => trim("{$rung->context->name}: {$rung->verdict->value} {$rung->binding?->command}"),
        $ladder->rungs,
    );
}

test('the deepest context with the chord wins and hides those outside of it', function () {
    $ladder = ladder(World::loaded("everywhere KeyB saw\ndesk KeyB plane\ndrawer KeyG glue"), 'KeyB', 'drawer');
    expect(rungs($ladder))
        ->toBe(['Drawer: unbound', 'Desk: wins plane', 'Everywhere: hidden saw'])
        ->and($ladder->sentence)
        ->toBe('With the focus in Drawer, B runs Plane.')
        ->and(array_values(array_filter($ladder->rungs, static fn (Rung $rung): bool => $rung->verdict === Verdict::Hidden))[0]->reason)
        ->toContain('Desk is asked before');
});

test('where Everywhere is asked first, it beats the deeper one', function () {
    $app = World::workshop(precedence: Precedence::EverywhereFirst);
    expect(rungs(ladder(World::loaded("everywhere KeyB saw\ndesk KeyB plane", $app), 'KeyB', 'desk')))->toBe([
        'Everywhere: wins saw',
        'Desk: hidden plane',
    ]);
});

test('a context beside the focus is not asked, unless the two coexist', function () {
    $keymap = World::loaded("desk KeyB plane\nwall KeyB glue");
    expect(ladder($keymap, 'KeyB', 'shelf')->winner()?->command)
        ->toBe('glue')
        ->and(ladder($keymap, 'KeyB', 'note')->winner())
        ->toBeNull();
});

test('within one context the loading rule decides', function (LoadingRule $rule, array $expected) {
    $keymap = World::loaded("desk KeyB saw\ndesk KeyB plane\neverywhere KeyB glue", World::workshop($rule));
    expect(rungs(ladder($keymap, 'KeyB', 'desk')))->toBe($expected);
})->with([
    'first' => [LoadingRule::FirstLineWins, ['Desk: wins saw', 'Desk: dead plane', 'Everywhere: hidden glue']],
    'last' => [LoadingRule::LastLineWins, ['Desk: dead saw', 'Desk: wins plane', 'Everywhere: hidden glue']],
    'refuse' => [LoadingRule::RefuseFile, ['Desk: refused saw', 'Desk: refused plane', 'Everywhere: refused glue']],
]);

test('a context with text entry types characters and lets other chords through', function () {
    $keymap = World::loaded("everywhere KeyB saw\neverywhere Primary+KeyB plane\neverywhere F5 glue");
    expect(rungs(ladder($keymap, 'KeyB', 'note')))
        ->toBe(['Note: unbound', 'Everywhere: typed saw'])
        ->and(ladder($keymap, 'Shift+KeyB', 'note')->sentence)
        ->toBe('With the focus in Note, ⇧B types "B".')
        ->and(ladder($keymap, 'Primary+KeyB', 'note')->winner()?->command)
        ->toBe('plane')
        ->and(ladder($keymap, 'F5', 'note')->winner()?->command)
        ->toBe('glue');
});

test('control and primary are the same press on Linux and two on macOS', function () {
    $text = 'everywhere Primary+KeyB saw';
    $linux = World::loaded($text, system: Zebrafinch\Core\Keyboard\System::Linux);
    expect(ladder($linux, 'Control+KeyB', 'desk')->winner()?->command)
        ->toBe('saw')
        ->and(ladder(World::loaded($text), 'Control+KeyB', 'desk')->winner())
        ->toBeNull();
});

test('there is a ladder for each context of the application', function () {
    expect((new Who(World::factory(World::cutloom())))->everywhere(Chord::parse('KeyD')))->toHaveCount(6);
});

test('a focus that the application does not have is refused with those it has', function () {
    ladder(World::loaded('desk KeyB saw'), 'KeyB', 'attic');
})->throws(UnknownContext::class, 'no context "attic"');

test('one double makes a refusing application deaf to every chord, and the reason names it', function () {
    $keymap = World::loaded("desk KeyB saw\ndesk KeyB plane\neverywhere KeyG glue", World::workshop(LoadingRule::RefuseFile));
    $ladder = ladder($keymap, 'KeyG', 'shelf');
    expect(rungs($ladder))
        ->toBe(['Shelf: unbound', 'Wall: unbound', 'Everywhere: refused glue'])
        ->and($ladder->rungs[2]->reason)
        ->toBe('Workshop refuses the whole key file while Desk has B twice.')
        ->and($ladder->sentence)
        ->toBe('With the focus in Shelf, G does nothing: Workshop refuses the key file.');
});

test('nothing decides between coexisting contexts, and what is around them does not get the chord either', function () {
    $ladder = ladder(World::loaded("shelf KeyB saw\nwall KeyB plane\neverywhere KeyB glue"), 'KeyB', 'shelf');
    expect(rungs($ladder))
        ->toBe(['Shelf: undecided saw', 'Wall: undecided plane', 'Everywhere: hidden glue'])
        ->and($ladder->sentence)
        ->toBe('With the focus in Shelf, B does nothing: nothing decides between Shelf and Wall: neither gets it.')
        ->and(ladder(World::loaded("shelf KeyB saw\nwall KeyB saw"), 'KeyB', 'shelf')->winner()?->command)
        ->toBe('saw');
});

test('some commands get their chord from Everywhere although a deeper context has it', function () {
    $app = World::workshop(everywhereFirstFor: ['saw']);
    expect(rungs(ladder(World::loaded("everywhere KeyB saw\ndesk KeyB plane", $app), 'KeyB', 'desk')))
        ->toBe(['Everywhere: wins saw', 'Desk: hidden plane'])
        ->and(rungs(ladder(World::loaded("everywhere KeyB glue\ndesk KeyB plane", $app), 'KeyB', 'desk')))
        ->toBe(['Desk: wins plane', 'Everywhere: hidden glue']);
});

test('a tap and a hold of one chord run two commands only where the application tells them apart', function () {
    $text = "desk KeyB saw\ndesk KeyB plane hold";
    $held = fn (LoadedKeymap $keymap, Gesture $gesture): ?string => (new Who($keymap))
        ->gets(Chord::parse('KeyB'), $gesture, 'desk')
        ->winner()?->command;
    $telling = World::loaded($text, World::workshop(tellsHold: true));
    expect($held($telling, Gesture::Tap))->toBe('saw')->and($held($telling, Gesture::Hold))->toBe('plane');
    $other = World::loaded($text);
    expect($held($other, Gesture::Tap))->toBe('plane')->and($held($other, Gesture::Hold))->toBe('plane');
});
