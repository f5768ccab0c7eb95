<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\Stripe;
use Zebrafinch\Core\Across\StripeCell;
use Zebrafinch\Core\Across\Stripes;
use Zebrafinch\Core\Across\StripeState;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\CommandMatch;
use Zebrafinch\Core\Intent\Correspondence;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\UnknownIntent;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

/** Two workshops with one intent each for Saw and Plane; Plane behaves differently in the second. */
function stripes(string $first, string $second): Stripes
{
    $matches = fn (?string $difference): array => [
        ['command' => 'saw', 'intent' => 'part'],
        array_filter(['command' => 'plane', 'intent' => 'smooth', 'difference' => $difference]),
    ];
    $app = World::workshop();
    $other = World::likeWorkshop('shed');
    $intents = [
        ['id' => 'part', 'name' => 'Part', 'group' => 'wood', 'synonyms' => []],
        ['id' => 'smooth', 'name' => 'Smooth', 'group' => 'wood', 'synonyms' => []],
        ['id' => 'lonely', 'name' => 'Lonely', 'group' => 'wood', 'synonyms' => []],
    ];

    $vocabulary = Vocabulary::fromData($intents, ['workshop' => $matches(null), 'shed' => $matches('Takes off twice as much.')]);

    return new Stripes(
        [World::loaded($first, $app), new LoadedKeymap($other, World::bindings($second), World::seat())],
        $vocabulary,
        new Importance($vocabulary),
    );
}

test('the state of a stripe', function (string $first, string $second, string $intent, StripeState $state, ?float $agreement) {
    $found = array_values(array_filter(stripes($first, $second)->all(), static fn (Stripe $one): bool => $one->intent->id === $intent))[0];
    expect($found->state)->toBe($state)->and($found->agreement)->toBe($agreement);
})->with([
    'whole' => ['desk KeyS saw', 'shelf KeyS saw', 'part', StripeState::Whole, 1.0],
    'broken' => ['desk KeyS saw', 'desk KeyX saw', 'part', StripeState::Broken, 0.0],
    'any chord in common counts' => ["desk KeyS saw\ndesk KeyX saw", 'desk KeyX saw', 'part', StripeState::Whole, 1.0],
    'one side without a chord' => ['desk KeyS saw', '', 'part', StripeState::Partial, 0.0],
    'no chord anywhere' => ['', '', 'part', StripeState::Single, 0.0],
    'same chord, other behaviour' => ['desk KeyP plane', 'desk KeyP plane', 'smooth', StripeState::Differs, 1.0],
]);

test('broken stripes come first, and an intent that nobody has is left out', function () {
    $all = stripes("desk KeyS saw\ndesk KeyP plane", "desk KeyS saw\ndesk KeyX plane")->all();
    expect(array_map(static fn (Stripe $one): string => $one->intent->id, $all))->toBe(['smooth', 'part']);
});

test('the overall agreement is the mean over the intents where all are wanted alike', function () {
    $stripes = stripes("desk KeyS saw\ndesk KeyP plane", "desk KeyS saw\ndesk KeyX plane");
    expect($stripes->overall($stripes->all()))->toBe(0.5)->and($stripes->overall([]))->toBeNull();
});

test('what is wanted all the time weighs more, and its broken stripe comes first', function () {
    $matches = [['command' => 'saw', 'intent' => 'part'], ['command' => 'plane', 'intent' => 'smooth']];
    $app = World::workshop();
    $other = World::likeWorkshop('shed');
    $intent = static fn (string $id, string $frequency): array => [
        'id' => $id,
        'name' => $id,
        'group' => 'wood',
        'synonyms' => [],
        'frequency' => $frequency,
    ];
    $vocabulary = Vocabulary::fromData(
        [$intent('part', 'seldom'), $intent('smooth', 'constant')],
        ['workshop' => $matches, 'shed' => $matches],
    );
    $of = static fn (string $here, string $there): Stripes => new Stripes(
        [World::loaded($here, $app), new LoadedKeymap($other, World::bindings($there), World::seat())],
        $vocabulary,
        new Importance($vocabulary),
    );
    $stripes = $of("desk KeyS saw\ndesk KeyP plane", "desk KeyX saw\ndesk KeyP plane");
    // 1 of 1 + 64 is broken.
    expect($stripes->overall($stripes->all()))->toEqualWithDelta(64 / 65, 1e-9);
    $broken = $of("desk KeyS saw\ndesk KeyP plane", "desk KeyX saw\ndesk KeyY plane")->all();
    expect(array_map(static fn (Stripe $one): string => $one->intent->id, $broken))->toBe(['smooth', 'part']);
});

test('cells with the same chord run on', function () {
    [$whole] = stripes('desk KeyS saw', 'desk KeyS saw')->all();
    expect($whole->runsOn)->toBe([false, true]);
});

test('a second chord that the other has too mends a broken stripe', function () {
    [$broken] = stripes('desk KeyS saw', 'desk KeyX saw')->all();
    [$mended] = stripes('desk KeyS saw', "desk KeyX saw\ndesk KeyS saw")->all();
    $shown = array_map(static fn (StripeCell $cell): string => $cell->bindings($mended->common)[0]->chord->id(), $mended->cells);
    expect([$broken->state, $broken->agreement])
        ->toBe([StripeState::Broken, 0.0])
        ->and([$mended->state, $mended->agreement, $mended->runsOn])
        ->toBe([StripeState::Whole, 1.0, [false, true]])
        ->and($shown)
        ->toBe(['KeyS', 'KeyS']);
});

test('equal cells run on across an application that has no such command', function () {
    $intent = new Intent('part', 'Part', 'wood', []);
    $match = new CommandMatch('saw', 'part', Correspondence::Exact);
    $cell = static fn (string $bindings, ?CommandMatch $match): StripeCell => StripeCell::of(
        World::workshop(),
        World::bindings($bindings),
        World::seat(),
        $match,
    );
    $stripe = Stripe::of($intent, [$cell('desk KeyS saw', $match), $cell('', null), $cell('desk KeyS saw', $match)], 1.0);
    expect($stripe->runsOn)
        ->toBe([false, false, true])
        ->and($stripe->runsThrough)
        ->toBe([false, true, false]);
});

test('a match to an intent that is not listed is refused', function () {
    Vocabulary::fromData([], ['workshop' => [['command' => 'saw', 'intent' => 'part']]]);
})->throws(UnknownIntent::class);

test('each match of the demo names a command and an intent that exist', function () {
    $vocabulary = World::vocabulary();
    foreach ([World::cutloom(), World::faderloft()] as $application) {
        $matched = array_filter(
            $vocabulary->intents(),
            static fn ($intent): bool => $vocabulary->matchOf($application->id, $intent->id) !== null,
        );
        expect(count($matched))->toBeGreaterThan(60);
        foreach ($matched as $intent) {
            expect($application->knows($vocabulary->matchOf($application->id, $intent->id)->command ?? ''))->toBeTrue($intent->id);
        }
    }
});

test('within one application, an intent that several commands fulfil is a stripe of its own', function (
    string $bindings,
    StripeState $state,
) {
    $vocabulary = Vocabulary::fromData(
        [
            ['id' => 'part', 'name' => 'Part', 'group' => 'wood', 'synonyms' => []],
            ['id' => 'smooth', 'name' => 'Smooth', 'group' => 'wood', 'synonyms' => []],
        ],
        [
            'workshop' => [
                ['command' => 'saw', 'intent' => 'part'],
                ['command' => 'plane', 'intent' => 'smooth'],
                ['command' => 'sand', 'intent' => 'smooth'],
            ],
        ],
    );
    $stripes = Stripes::within(World::loaded($bindings), $vocabulary, new Importance($vocabulary));
    expect(array_map(static fn (Stripe $one): string => $one->intent->id, $stripes))
        ->toBe(['smooth'])
        ->and($stripes[0]->state)
        ->toBe($state)
        ->and(array_map(static fn ($cell): ?string => $cell->command?->id, $stripes[0]->cells))
        ->toBe(['plane', 'sand']);
})->with([
    'the same in both contexts' => ["desk KeyP plane\nshelf KeyP sand", StripeState::Whole],
    'another in each' => ["desk KeyP plane\nshelf KeyS sand", StripeState::Broken],
    'one has none' => ['desk KeyP plane', StripeState::Partial],
]);
