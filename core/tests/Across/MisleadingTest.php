<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Across\Misleading;
use Zebrafinch\Core\Across\SameElsewhere;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

/** Sawing and glueing are intents in the workshop and in the cellar. */
function cellarWords(): Vocabulary
{
    $match = static fn (string $command): array => ['command' => $command, 'intent' => $command];

    return Vocabulary::fromData(
        [
            ['id' => 'saw', 'name' => 'Saw', 'group' => 'wood', 'synonyms' => []],
            ['id' => 'glue', 'name' => 'Glue', 'group' => 'wood', 'synonyms' => []],
        ],
        ['workshop' => [$match('saw'), $match('glue')], 'cellar' => [$match('saw'), $match('glue')]],
    );
}

function inCellar(string $bindings): LoadedKeymap
{
    return new LoadedKeymap(World::likeWorkshop('cellar'), World::bindings($bindings), World::seat());
}

/** Whether S for sawing in the workshop misleads somebody who uses some commands, where it glues in the cellar. */
function misleads(array $used, string $application = 'workshop', string $command = 'saw'): bool
{
    $keymaps = [World::loaded('everywhere KeyS saw'), inCellar('everywhere KeyS glue')];
    $friends = new FalseFriends($keymaps, cellarWords(), new Importance(cellarWords()));

    return Misleading::for($friends->all(), static fn (string $id, string $name): bool => in_array("{$id} {$name}", $used, true))->has(
        World::seat()->press(Chord::parse('KeyS')),
        $application,
        $command,
    );
}

test('a chord misleads whoever uses what it does elsewhere, on either side', function () {
    expect(misleads(['cellar glue']))->toBeTrue()->and(misleads(['workshop saw'], 'cellar', 'glue'))->toBeTrue();
});

test('it misleads nobody who does not use the other, nor where another chord is asked for', function () {
    expect(misleads([]))
        ->toBeFalse()
        ->and(misleads(['workshop saw']))
        ->toBeFalse()
        ->and(misleads(['cellar glue'], 'workshop', 'plane'))
        ->toBeFalse();
});

test('the same chord elsewhere is that of the same intent, at the same press', function () {
    $words = cellarWords();
    $names = static fn (string $cellar, string $chord): array => SameElsewhere::names(
        [inCellar($cellar)],
        $words,
        $words->intent('saw'),
        World::seat()->press(Chord::parse($chord)),
    );
    expect($names('everywhere KeyS saw', 'KeyS'))
        ->toBe(['Cellar'])
        ->and($names('everywhere KeyS saw', 'KeyD'))
        ->toBe([])
        ->and($names('everywhere KeyS glue', 'KeyS'))
        ->toBe([])
        ->and(SameElsewhere::names([inCellar('everywhere KeyS saw')], $words, null, World::seat()->press(Chord::parse('KeyS'))))
        ->toBe([]);
});
