<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Harmonised;
use Zebrafinch\Core\Harmonise\Harmoniser;
use Zebrafinch\Core\Harmonise\Line;
use Zebrafinch\Core\Harmonise\NothingToHarmonise;
use Zebrafinch\Core\Harmonise\Scope;
use Zebrafinch\Core\Harmonise\Solve\Progress;
use Zebrafinch\Core\Harmonise\Weights;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Tests\Clash\RandomKits;
use Zebrafinch\Core\Tests\Harmonise\NewFaults;
use Zebrafinch\Core\Tests\Harmonise\Solve\OpenSolver;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

/** Saw, Plane, Glue, Sand and Paint fulfil an intent of the same name in every workshop. */
function workshopWords(string ...$applications): Vocabulary
{
    $ids = ['saw', 'plane', 'glue', 'sand', 'paint'];
    $matches = array_map(static fn (string $id): array => ['command' => $id, 'intent' => $id], $ids);

    return Vocabulary::fromData(
        array_map(static fn (string $id): array => ['id' => $id, 'name' => ucfirst($id), 'group' => 'wood', 'synonyms' => []], $ids),
        array_fill_keys($applications, $matches),
    );
}

/** @param  array<string, string>  $kit  bindings by application */
function harmonised(array $kit, ?Scope $scope = null, ?Weights $weights = null): Harmonised
{
    $words = workshopWords(...array_keys($kit));
    $keymaps = array_map(static fn (string $id): LoadedKeymap => World::loaded($kit[$id], World::likeWorkshop($id)), array_keys($kit));
    $harmoniser = new Harmoniser($words, new Importance($words), World::reserved());

    return $harmoniser->harmonise(
        $harmoniser->kit(
            $keymaps,
            [World::seat()],
            $scope ?? new Scope(['saw', 'plane', 'glue', 'sand', 'paint']),
            $weights ?? new Weights(),
        ),
    );
}

/** @return array<string, string|null> the new chords, by application and command */
function newChords(Harmonised $harmonised): array
{
    $chords = [];
    foreach ($harmonised->lines as $line) {
        $chords["{$line->target->keymap->application->id} {$line->target->command}"] = $line->chord?->id();
    }
    ksort($chords);

    return $chords;
}

test('no harmonised kit gets a fault that it had not, and one without faults has none', function (int $from) {
    $reserved = World::reserved();
    $docket = BuiltInKinds::docket($reserved);
    $seats = [World::seat(), World::seat(System::Windows, 'full-iso', 'german')];
    $moved = 0;
    for ($number = $from; $number < $from + 200; $number++) {
        $keymaps = array_map(RandomKits::keymap(...), [$number, $number + 100_000, $number + 200_000]);
        $matches = array_map(static fn (int $id): array => ['command' => "c{$id}", 'intent' => "i{$id}"], range(0, 5));
        $words = Vocabulary::fromData(
            array_map(
                static fn (int $id): array => ['id' => "i{$id}", 'name' => "Intent {$id}", 'group' => 'made', 'synonyms' => []],
                range(0, 5),
            ),
            array_fill_keys(array_map(static fn (LoadedKeymap $one): string => $one->application->id, $keymaps), $matches),
        );
        $harmoniser = new Harmoniser($words, new Importance($words), $reserved);
        $scope = new Scope(array_map(static fn (int $id): string => "i{$id}", range(0, $number % 6)));
        try {
            // Few chords to choose from, so that the commands get in each other's way.
            $result = $harmoniser->harmonise(
                $harmoniser->kit($keymaps, $seats, $scope, new Weights(), mostCandidates: 3 + ($number % 4)),
                static fn (Progress $now): bool => $now->cost > 1.02 * $now->bound,
            );
        } catch (NothingToHarmonise) {
            continue;
        }
        $moved += count($result->lines);
        expect(NewFaults::of($result, $keymaps, $seats))->toBe([], "kit {$number}");
        foreach ($keymaps as $keymap) {
            $faults = array_filter($docket->of($keymap), static fn (Clash $one): bool => $one->grade === Grade::Fault);
            $change = $result->changes()[$keymap->application->id] ?? null;
            if ($faults === [] && $change !== null) {
                $after = array_filter($docket->of($keymap->after($change)), static fn (Clash $one): bool => $one->grade === Grade::Fault);
                expect($after)->toBe([], "kit {$number}");
            }
        }
    }
    expect($moved)->toBeGreaterThan(400);
})->with(array_map(static fn (int $part): int => 1 + 200 * $part, range(0, 9)));

test('the majority keeps its chord, and the other takes it', function () {
    expect(newChords(harmonised(['shed' => 'desk KeyS saw', 'barn' => 'desk KeyS saw', 'loft' => 'desk KeyX saw'])))
        ->toHaveKey('loft saw', 'KeyS')
        ->not->toHaveKey('shed saw')
        ->not->toHaveKey('barn saw');
});

test('a line says why, and what the next best would cost: just what the whole would cost more', function () {
    $result = harmonised([
        'shed' => "desk KeyS saw\ndesk KeyP plane\neverywhere KeyG glue",
        'barn' => "desk KeyS saw\ndesk KeyO plane",
        'loft' => "desk KeyX saw\ndesk KeyS sand\ndrawer KeyK plane",
    ]);
    $line = array_values(array_filter($result->lines, static fn (Line $one): bool => $one->id() === 'loft saw KeyS'))[0];
    expect($line->reasons)->toContain('the same in Shed and Barn');
    foreach ($result->lines as $line) {
        $slot = (int) array_search($line->target, $result->kit->targets, true);
        $next = $line->runnerUp?->chord;
        $other = array_replace($result->answer->choices, [$slot => $next === null ? null : $result->kit->candidates->index($next)]);
        expect($result->kit->instance->cost($other) - $result->answer->cost)
            ->toEqualWithDelta($line->runnerUp?->dearer, 1e-6)
            ->and(array_sum(array_column($line->runnerUp->parts ?? [], 0)))
            ->toEqualWithDelta($line->runnerUp?->dearer, 1e-6)
            ->and($line->runnerUp?->reason())
            ->not->toBe('');
    }
});

test('a refused line does not come again, an accepted one stays while the rest is solved anew', function () {
    $kit = ['shed' => 'desk KeyS saw', 'barn' => 'desk KeyS saw', 'loft' => 'desk KeyX saw'];
    $all = ['saw', 'plane', 'glue', 'sand', 'paint'];
    $said = ['application' => 'loft', 'command' => 'saw', 'chord' => 'KeyS'];
    expect(newChords(harmonised($kit, new Scope($all, refused: [$said])))['loft saw'] ?? null)
        ->not->toBe('KeyS')
        ->and(newChords(harmonised($kit, new Scope($all, accepted: [['chord' => 'Alt+KeyF'] + $said])))['loft saw'])
        ->toBe('Alt+KeyF');
});

test('a fixed chord is had wherever it can be, and commands that are not to be touched keep theirs', function () {
    $kit = ['shed' => "desk KeyS saw\ndesk KeyF glue", 'barn' => "desk KeyX saw\ndesk KeyF plane"];
    $result = harmonised(
        $kit,
        new Scope(
            ['saw', 'plane', 'glue'],
            fixed: ['saw' => Chord::parse('KeyF')],
            untouched: [['application' => 'barn', 'command' => 'plane']],
        ),
    );
    expect(newChords($result))
        ->toHaveKey('shed saw', 'KeyF')
        ->not->toHaveKey('barn plane')
        ->and(newChords($result)['barn saw'] ?? null)
        ->not->toBe('KeyF')
        ->and(array_map(static fn ($one): ?string => $one->left, $result->left))
        ->toBe(['It is not to be touched.']);
});

test('what hides something deeper on purpose is left as it is', function () {
    $result = harmonised(['shed' => "desk KeyS saw\ndrawer KeyS plane", 'barn' => "desk KeyX saw\ndesk KeyP plane"]);
    expect(newChords($result))->not->toHaveKey('shed saw')->not->toHaveKey('shed plane')->and(count($result->left))->toBe(2);
});

test('the new chord comes before the command\'s others, and what is displaced goes', function () {
    $kit = ['shed' => "desk KeyS saw\ndesk KeyZ saw", 'barn' => 'desk KeyX saw', 'loft' => "desk KeyX saw\ndesk KeyS glue"];
    $result = harmonised(
        $kit,
        new Scope(
            ['saw'],
            accepted: [
                ['application' => 'shed', 'command' => 'saw', 'chord' => 'KeyX'],
                ['application' => 'loft', 'command' => 'saw', 'chord' => 'KeyS'],
            ],
        ),
    );
    $change = $result->changes();
    $shed = World::loaded($kit['shed'], World::likeWorkshop('shed'))->after($change['shed']);
    $loft = World::loaded($kit['loft'], World::likeWorkshop('loft'))->after($change['loft']);
    expect(array_map(static fn (Binding $one): string => $one->chord->id(), $shed->bindings()->ofCommand('saw')))
        ->toBe(['KeyX', 'KeyZ'])
        ->and($loft->bindings()->ids())
        ->toBe(['desk KeyS tap saw'])
        ->and($change['shed']->conflictsWith(World::bindings($kit['shed'])))
        ->toBe([]);
});

test('a chord that one of the boards in use cannot press, or that a system keeps, is never chosen', function () {
    $laptop = World::seat(System::MacOs, 'laptop-iso', 'french');
    $words = workshopWords('shed', 'barn');
    $harmoniser = new Harmoniser($words, new Importance($words), World::reserved());
    $keymaps = [
        World::loaded('desk NumpadAdd saw', World::likeWorkshop('shed')),
        World::loaded('desk NumpadAdd saw', World::likeWorkshop('barn')),
    ];
    $result = $harmoniser->harmonise($harmoniser->kit($keymaps, [World::seat(), $laptop], new Scope(['saw']), new Weights()));
    expect(count($result->lines))->toBe(2);
    foreach ($result->lines as $line) {
        expect($laptop->board->has($line->chord?->key))->toBeTrue();
    }
});

test('where nothing can be moved, that is said', function () {
    harmonised(['shed' => '', 'barn' => ''], new Scope([]));
})->throws(NothingToHarmonise::class);

test('the demo kit gets more alike, without a new fault', function () {
    $words = World::vocabulary();
    $harmoniser = new Harmoniser($words, new Importance($words), World::reserved());
    $keymaps = array_map(static fn (string $id): LoadedKeymap => World::factory(World::application($id)), [
        'cutloom',
        'faderloft',
        'boardwick',
    ]);
    $intents = array_values(
        array_filter(
            array_map(static fn ($one): string => $one->id, $words->intents()),
            static fn (string $id): bool => $words->matchOf('cutloom', $id) !== null,
        ),
    );
    $kit = $harmoniser->kit($keymaps, [World::seat()], new Scope($intents), new Weights());
    $result = $harmoniser->harmonise($kit, static fn (Progress $now): bool => $now->cost > 1.02 * $now->bound);
    $before = array_map(static fn ($one): ?int => $one->now === null ? null : $kit->candidates->index($one->now->chord), $kit->targets);
    expect(NewFaults::of($result, $keymaps, [World::seat()]))
        ->toBe([])
        ->and($result->answer->cost)
        ->toBeLessThan($kit->instance->cost($before))
        ->and($kit->instance->allows($result->answer->choices))
        ->toBeTrue();
});

test('for part of the demo world an open solver that reads the LP file finds the same cost', function (array $applications, string $group) {
    $words = World::vocabulary();
    $harmoniser = new Harmoniser($words, new Importance($words), World::reserved());
    $keymaps = array_map(static fn (string $id): LoadedKeymap => World::factory(World::application($id)), $applications);
    $intents = array_values(
        array_map(static fn ($one): string => $one->id, array_filter($words->intents(), static fn ($one): bool => $one->group === $group)),
    );
    $kit = $harmoniser->kit($keymaps, [World::seat()], new Scope($intents), new Weights(), mostCandidates: 25);
    $answer = $harmoniser->harmonise($kit)->answer;
    expect($answer->isOptimal)->toBeTrue()->and($answer->cost)->toEqualWithDelta(OpenSolver::optimum($kit->instance), 1e-4);
})->with([
    [['cutloom', 'faderloft', 'gradewell'], 'editing'],
    [['easeframe', 'rotomere', 'boardwick'], 'view'],
    [['cutloom', 'easeframe', 'boardwick'], 'marks'],
]);
