<?php

declare(strict_types=1);

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Habits;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\UsageLog;

/** @return list<Doing> of a log of two weeks */
function doingsOf(string $rows): array
{
    return Habits::of(
        UsageLog::fromCsv("day,application,command,key,mouse\n{$rows}"),
        2,
        ['cutloom'],
        static fn (string $application): LoadedKeymap => World::loaded('', World::application($application)),
        World::vocabulary(),
    );
}

test('how often by key and by mouse is told for one week, the most used first', function () {
    $doings = doingsOf("2026-03-02,cutloom,lift,10,4\n2026-03-09,cutloom,lift,6,0\n2026-03-09,cutloom,undo,100,2\n");
    expect(array_map(static fn (Doing $one): array => [$one->command->id, $one->byKey, $one->byMouse], $doings))
        ->toEqual([['undo', 50, 1], ['lift', 8, 2]]);
});

test('an application that is not known, and a command that it does not have, are left out', function () {
    $doings = doingsOf("2026-03-02,attic,lift,9,9\n2026-03-02,cutloom,no-such-command,9,9\n2026-03-02,cutloom,lift,1,1\n");
    expect(array_map(static fn (Doing $one): string => "{$one->application->id} {$one->command->id}", $doings))->toBe(['cutloom lift']);
});

test('a doing has the chords that run it where they are bound, and not those that something else gets', function () {
    // The last line for a chord wins in the workshop.
    $keymap = World::loaded("desk KeyD saw\ndesk KeyE saw\ndesk KeyE plane\nshelf KeyE saw");
    $log = UsageLog::fromCsv("day,application,command,key,mouse\n2026-03-02,workshop,saw,1,1\n");
    $doings = Habits::of($log, 1, ['workshop'], static fn (): LoadedKeymap => $keymap, World::vocabulary());
    expect(array_map(static fn (Binding $one): string => "{$one->context} {$one->chord->id()}", $doings[0]->bindings))
        ->toBe(['desk KeyD', 'shelf KeyE'])
        ->and($doings[0]->intent)
        ->toBeNull();
});

test('a doing knows what it is done for, where its command is matched to an intent', function () {
    $vocabulary = World::vocabulary();
    $match = $vocabulary->matchFor('cutloom', 'lift');
    $doings = doingsOf("2026-03-02,cutloom,lift,1,1\n");
    expect($match)->not->toBeNull();
    expect($doings[0]->intent?->id)->toBe($match?->intent);
});
