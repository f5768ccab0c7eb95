<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\Familiarity;
use Zebrafinch\Core\Across\Surprise;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;
use Zebrafinch\Core\Usage\UsageLog;

function familiar(string $here, string $there, ?UsageLog $log = null): Familiarity
{
    $vocabulary = World::vocabulary();

    return Familiarity::of([[World::loaded($here), World::loaded($there)]], new Importance($vocabulary, $log));
}

test('the share of what does the same, and what does something else or nothing', function () {
    $found = familiar(
        "desk KeyS saw\ndesk KeyP plane\ndesk KeyG glue\ndesk KeyT sand",
        "desk KeyS saw\ndesk KeyP paint\neverywhere KeyT sand",
    );
    expect($found->share)
        ->toBe(0.5)
        ->and($found->known)
        ->toBe(4)
        ->and(array_map(static fn (Surprise $one): array => [$one->expected, $one->instead], $found->surprises))
        ->toBe([['glue', null], ['plane', 'paint']]);
});

test('what is used more weighs more', function () {
    $csv = "day,application,command,key,mouse\n2026-03-02,workshop,saw,30,0\n2026-03-02,workshop,plane,10,0\n";
    $vocabulary = Zebrafinch\Core\Intent\Vocabulary::fromData(
        [
            ['id' => 'saw', 'name' => 'Saw', 'group' => 'wood', 'synonyms' => []],
            ['id' => 'plane', 'name' => 'Plane', 'group' => 'wood', 'synonyms' => []],
        ],
        ['workshop' => [['command' => 'saw', 'intent' => 'saw'], ['command' => 'plane', 'intent' => 'plane']]],
    );
    $found = Familiarity::of(
        [[World::loaded("desk KeyS saw\ndesk KeyP plane"), World::loaded('desk KeyS saw')]],
        new Importance($vocabulary, UsageLog::fromCsv($csv)),
    );
    expect($found->share)->toEqualWithDelta(0.75, 1e-9);
});

test('a binding that is hidden here is not expected there, nor one that is dead', function () {
    // The drawer hides nothing for the desk; the second line for the same chord wins here.
    $found = familiar("desk KeyS saw\ndesk KeyS plane", 'desk KeyS plane');
    expect($found->share)->toBe(1.0)->and($found->surprises)->toBe([]);
});

test('the same kit on another keyboard is not all the same', function () {
    $application = World::application('rotomere');
    $bindings = World::factory($application)->bindings();
    $found = Familiarity::of(
        [
            [
                new LoadedKeymap($application, $bindings, World::seat()),
                new LoadedKeymap($application, $bindings, World::seat(System::Windows, 'full-iso', 'german')),
            ],
        ],
        new Importance(World::vocabulary()),
    );
    expect($found->share)->toBeGreaterThan(0.5);
});

test('nothing known has no share', function () {
    expect(familiar('', 'desk KeyS saw')->share)->toBeNull();
});
