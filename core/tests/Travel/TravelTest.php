<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Travel\TravelCheck;
use Zebrafinch\Core\Travel\TravelFinding;

function travelCheck(): TravelCheck
{
    return new TravelCheck(World::reserved(), new Offers(reserved: World::reserved()));
}

function onTheRoad(LoadedKeymap $keymap): LoadedKeymap
{
    return new LoadedKeymap($keymap->application, $keymap->bindings(), World::seat(System::MacOs, 'laptop-iso', 'french'));
}

test('what a laptop lacks is lost and gets a chord that it has free', function () {
    $keymap = onTheRoad(World::loaded("everywhere Numpad7 saw\neverywhere Home glue\neverywhere KeyQ sand\nnote Numpad8 paint"));
    $findings = travelCheck()->of($keymap);
    expect(
        array_map(
            static fn (TravelFinding $one): array => [$one->binding->command, $one->reach->kind, $one->replacement === null],
            $findings,
        ),
    )->toBe([['saw', ReachKind::NotOnBoard, false], ['paint', ReachKind::NotOnBoard, false], ['glue', ReachKind::OtherKeys, true]]);
    expect(
        array_map(
            static fn (Binding $one): string => $one->command,
            travelCheck()->renamed(World::loaded('everywhere KeyQ sand'), onTheRoad(World::loaded('everywhere KeyQ sand'))),
        ),
    )->toBe(['sand']);
});

test('on every board and layout the road variant of a factory keymap loses nothing and clashes with nothing new', function (
    string $board,
    string $layout,
    System $system,
) {
    foreach ([World::factory(World::cutloom()), World::factory(World::faderloft())] as $home) {
        $seat = World::seat($system, $board, $layout);
        $there = new LoadedKeymap($home->application, $home->bindings(), $seat);
        $findings = travelCheck()->of($there);
        $after = $there->after(TravelCheck::change($findings));
        $judge = new ReachJudge($seat, World::reserved());
        $stillLost = array_filter($after->bindings()->all(), static fn (Binding $one): bool => ! $judge->of($one->chord)->kind->arrives());
        expect($stillLost)
            ->toBe([])
            ->and(array_diff_key(BuiltInKinds::docket(World::reserved())->of($after), BuiltInKinds::docket(World::reserved())->of($there)))
            ->toBe([]);
    }
})->with([
    ['laptop-iso', 'french', System::MacOs],
    ['compact-iso', 'british', System::MacOs],
    ['full-iso', 'german', System::Windows],
    ['laptop-jis', 'japanese', System::Windows],
    ['full-iso', 'swedish', System::Linux],
]);
