<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Relearning;
use Zebrafinch\Core\Keymap\CommandDifference;
use Zebrafinch\Core\Preset\ComparedKeymap;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;
use Zebrafinch\Core\Usage\UsageLog;

/** Two keymaps of the workshop, as World::bindings() reads them, side by side. */
function comparedKeymaps(string $before, string $after): ComparedKeymap
{
    return ComparedKeymap::of(
        World::loaded($before),
        World::loaded($after),
        BuiltInKinds::docket(World::reserved()),
        new Importance(World::vocabulary()),
    );
}

/**
 * @param  list<CommandDifference>  $differences
 * @return list<string>
 */
function commandsOf(array $differences): array
{
    return array_map(static fn (CommandDifference $one): string => "{$one->command} in {$one->context}", $differences);
}

test('what loses its chords, gets its first and has others is told apart, context by context', function () {
    $compared = comparedKeymaps(
        "desk KeyS saw\ndesk KeyP plane\ndesk KeyG glue\nshelf KeyG glue",
        "desk F6 saw\ndesk KeyG glue\ndesk F7 sand",
    );
    expect(commandsOf($compared->gone))
        ->toBe(['plane in desk', 'glue in shelf'])
        ->and(commandsOf($compared->new))
        ->toBe(['sand in desk'])
        ->and(commandsOf($compared->moved))
        ->toBe(['saw in desk'])
        ->and(array_map(static fn (array $one): string => "{$one[0]} {$one[1]->command}", $compared->all()))
        ->toBe(['gone plane', 'gone glue', 'new sand', 'moved saw'])
        ->and($compared->isSame())
        ->toBeFalse();
});

test('a keymap is the same as itself, and takes nothing to learn', function () {
    $compared = comparedKeymaps("desk KeyS saw\ndesk KeyP plane", "desk KeyP plane\ndesk KeyS saw");
    expect($compared->isSame())
        ->toBeTrue()
        ->and([$compared->all(), $compared->relearning, $compared->share, $compared->effort()])
        ->toBe([[], [], 0.0, 0.0]);
});

test('each sort of difference alone makes two keymaps different', function (string $before, string $after) {
    expect(comparedKeymaps($before, $after)->isSame())->toBeFalse();
})->with([
    'gone' => ["desk KeyS saw\ndesk KeyP plane", 'desk KeyS saw'],
    'new' => ['desk KeyS saw', "desk KeyS saw\ndesk KeyP plane"],
    'moved' => ['desk KeyS saw', 'desk KeyP saw'],
]);

test('hands relearn what they knew, what they do most first, and nothing that had no chord', function () {
    $compared = ComparedKeymap::of(
        World::loaded("timeline KeyS split-at-playhead\ntimeline KeyD lift\neverywhere KeyZ undo", World::cutloom()),
        World::loaded(
            "timeline F6 split-at-playhead\ntimeline F7 lift\neverywhere KeyZ undo\neverywhere F8 redo",
            World::cutloom(),
        ),
        BuiltInKinds::docket(World::reserved()),
        new Importance(
            World::vocabulary(),
            UsageLog::fromCsv(
                "day,application,command,key,mouse\n2026-03-02,cutloom,lift,300,0\n2026-03-02,cutloom,split-at-playhead,100,0\n".
                    "2026-03-02,cutloom,undo,500,100\n",
            ),
        ),
    );
    expect(array_map(static fn (Relearning $one): string => $one->command, $compared->relearning))
        ->toBe(['lift', 'split-at-playhead'])
        ->and($compared->share)
        ->toEqualWithDelta(0.4, 0.001);
});

test('a keymap without chords has nothing that could be relearned', function () {
    $compared = comparedKeymaps('', 'desk KeyS saw');
    expect([$compared->share, $compared->relearning])->toBe([0.0, []]);
});

test('travel is how much farther the hand goes there than before, summed over what moves both ways', function () {
    // From the key under the finger to a function key is farther, and back as much nearer.
    $there = comparedKeymaps("desk KeyF saw\ndesk KeyP plane", "desk F9 saw\ndesk KeyP plane")->effort();
    $back = comparedKeymaps("desk F9 saw\ndesk KeyP plane", "desk KeyF saw\ndesk KeyP plane")->effort();
    expect($there)->toBeGreaterThan(19.05)->and($back)->toEqualWithDelta(-$there, 0.001);
    // What loses its chord has no way there, and counts for nothing.
    expect(comparedKeymaps("desk KeyF saw\ndesk F9 plane", 'desk KeyF saw')->effort())->toBe(0.0);
});

test('clashes that go and clashes that come are told', function () {
    $twice = "desk KeyS saw\ndesk KeyS plane";
    $compared = comparedKeymaps($twice, "desk KeyS saw\ndesk KeyP plane");
    $back = comparedKeymaps("desk KeyS saw\ndesk KeyP plane", $twice);
    $doubles = static fn (array $clashes): int => count(
        array_filter($clashes, static fn (Clash $clash): bool => $clash->kind->name() === 'double'),
    );
    expect([$doubles($compared->settled), $doubles($compared->raised)])
        ->toBe([1, 0])
        ->and([$doubles($back->settled), $doubles($back->raised)])
        ->toBe([0, 1]);
});
