<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Preset\FixedChords;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Preset\ProblemKind;
use Zebrafinch\Core\Suite\FittedKeymap;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Travel\TravelCheck;
use Zebrafinch\Core\Travel\TravelFinding;

/** A keymap of the workshop, made fit for a French laptop, with chords that the house has fixed. */
function fitted(string $keymap, string $fixed = ''): FittedKeymap
{
    $seat = World::seat(System::MacOs, 'laptop-iso', 'french');
    $house = World::bindings($fixed);

    return FittedKeymap::of(
        new LoadedKeymap(World::workshop(), World::bindings($keymap), $seat),
        FixedChords::in(['workshop' => $house], ['workshop' => $house]),
        new TravelCheck(World::reserved(), new Offers(reserved: World::reserved())),
        BuiltInKinds::docket(World::reserved()),
    );
}

/** @return list<string> */
function commandsLost(array $findings): array
{
    return array_map(static fn (TravelFinding $one): string => $one->binding->command, $findings);
}

test('a keymap that fits is left as it is', function () {
    $fitted = fitted("desk KeyS saw\ndesk KeyP plane");
    expect($fitted->bindings()->ids())
        ->toBe(World::bindings("desk KeyS saw\ndesk KeyP plane")->ids())
        ->and([$fitted->lostToFixed, $fitted->replaced(), $fitted->lost(), $fitted->faults, $fitted->problems('here')])
        ->toBe([[], [], [], [], []]);
});

test('what the house has fixed comes first, and whoever had its chord is told', function () {
    $fitted = fitted("desk KeyS plane\ndesk KeyG glue", 'desk KeyS saw');
    expect($fitted->bindings()->ids())
        ->toEqualCanonicalizing(World::bindings("desk KeyG glue\ndesk KeyS saw")->ids())
        ->and(array_map(static fn (Binding $one): string => $one->command, $fitted->lostToFixed))
        ->toBe(['plane']);
});

test('what the keyboard lacks gets another chord there, and is not told as lost', function () {
    $fitted = fitted('desk Numpad7 saw');
    $chord = $fitted->bindings()->ofCommand('saw')[0]->chord;
    expect(commandsLost($fitted->replaced()))
        ->toBe(['saw'])
        ->and($fitted->lost())
        ->toBe([])
        ->and($fitted->keymap->seat->press($chord)->isPossible())
        ->toBeTrue()
        ->and($fitted->problems('here'))
        ->toBe([]);
});

test('only faults of the result stand in the way, each with a sentence that names the application', function () {
    // Twice in one context is a fault; hidden by something deeper is none.
    $fitted = fitted("desk KeyS saw\ndesk KeyS plane\neverywhere KeyG glue\ndesk KeyG sand");
    $grades = array_map(static fn ($clash): Grade => $clash->grade, BuiltInKinds::docket(World::reserved())->of($fitted->keymap));
    $problems = $fitted->problems('here');
    expect(count($grades))
        ->toBeGreaterThan(1)
        ->and($fitted->faults)
        ->toHaveCount(1)
        ->and(array_map(static fn (Problem $one): ProblemKind => $one->kind, $problems))
        ->toBe([ProblemKind::Fault])
        ->and($problems[0]->sentence)
        ->toStartWith('Workshop: ');
});

test('what is lost with nothing in its stead is a problem of that keyboard, and stops nothing', function () {
    // Every chord that could be offered is taken, so that nothing is left for the one that cannot be pressed.
    $seat = World::seat(System::MacOs, 'laptop-iso', 'french');
    $offers = (new Offers(reserved: World::reserved()))->for(
        new LoadedKeymap(World::workshop(), World::bindings('desk Numpad7 saw'), $seat),
        'saw',
        'desk',
        10_000,
    );
    $lines = array_map(static fn ($offer): string => "desk {$offer->chord->id()} glue", $offers);
    $fitted = fitted(implode("\n", ['desk Numpad7 saw', ...$lines]));
    $lost = static fn (string $seat): array => array_values(
        array_filter($fitted->problems($seat), static fn (Problem $one): bool => $one->kind === ProblemKind::LostChord),
    );
    [$here, $there] = [$lost('here'), $lost('there')];
    expect(commandsLost($fitted->lost()))
        ->toBe(['saw'])
        ->and(commandsLost($fitted->replaced()))
        ->not->toContain('saw')
        ->and($here[0]->sentence)
        ->toStartWith('Workshop: Saw loses ')
        ->and($here[0]->kind->stops())
        ->toBeFalse()
        ->and(ProblemKind::Fault->stops())
        ->toBeTrue()
        ->and($here[0]->id)
        ->not->toBe($there[0]->id);
});
