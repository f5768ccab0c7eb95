<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\CarryOver\CarriedBinding;
use Zebrafinch\Core\Across\CarryOver\CarryOver;
use Zebrafinch\Core\Across\CarryOver\Ending;
use Zebrafinch\Core\Across\CarryOver\Report;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

/**
 * Workshop and shed have Saw, Plane, Glue and Sand for the same intents; Glue dries slower in the shed, Paint has no intent, and only the
 * shed tells holds.
 */
function carriedInWorkshops(
    string $from,
    string $to,
    array $said = [],
    System $system = System::MacOs,
    System $there = System::MacOs,
    string $board = 'full-ansi',
    string $layout = 'us',
): Report {
    $workshop = World::workshop(tellsHold: true);
    $commands = array_map(
        static fn (Command $one): Command => new Command(
            $one->id,
            $one->name,
            [],
            $one->tooltip,
            $one->home,
            array_values(
                array_filter([
                    $one->id === 'plane' ? CommandTrait::CanBeHeld : null,
                    $one->id === 'sand' ? CommandTrait::MenuOnly : null,
                ]),
            ),
        ),
        $workshop->commands(),
    );
    $shed = Application::of(
        'shed',
        'Shed',
        'tests',
        $workshop->contexts,
        $workshop->precedence,
        LoadingRule::RefuseFile,
        'none',
        Commands::of($commands),
        tellsHold: true,
    );
    $ids = ['saw', 'plane', 'glue', 'sand'];
    $match = static fn (string $id): array => ['command' => $id, 'intent' => $id];
    $vocabulary = Vocabulary::fromData(
        array_map(
            static fn (string $id): array => [
                'id' => $id,
                'name' => ucfirst($id),
                'group' => 'wood',
                'synonyms' => [],
                'frequency' => $id === 'saw' ? 'constant' : 'seldom',
            ],
            $ids,
        ),
        [
            'workshop' => array_map($match, $ids),
            'shed' => array_map(
                static fn (string $id): array => $match($id) + ($id === 'glue' ? ['difference' => 'Dries slower.'] : []),
                $ids,
            ),
        ],
    );
    $seat = World::seat($there, $board, $layout);

    return CarryOver::of(
        [World::loaded($from, $workshop, $system)],
        new LoadedKeymap($shed, World::bindings($to), $seat),
        $vocabulary,
        new Importance($vocabulary),
        World::reserved(),
        $said,
    );
}

test('each ending is told, with its reason', function (string $from, string $to, Ending $ending, string $sentence) {
    $line = carriedInWorkshops($from, $to)->lines[0];
    expect($line->ending)
        ->toBe($ending)
        ->and($line->sentence)
        ->toContain($sentence)
        ->and($line->isAccepted)
        ->toBe(in_array($ending, [Ending::Carried, Ending::Differs, Ending::Displaces], true));
})->with([
    'carried' => ['desk KeyS saw', 'desk KeyX saw', Ending::Carried, ''],
    'behaves differently' => ['desk KeyG glue', '', Ending::Differs, 'Shed: Dries slower.'],
    'nobody knows what it is for' => ['desk KeyP paint', '', Ending::NothingToCarryTo, 'Nobody has said what Paint is for.'],
    'in a menu only until now' => ['desk KeyP sand', '', Ending::Carried, ''],
    'held where it cannot be' => ['desk KeyP saw hold', '', Ending::NothingToCarryTo, 'It is held'],
    'held where it can be' => ['desk KeyP plane hold', '', Ending::Carried, ''],
    'takes a chord' => ['desk KeyS saw', 'desk KeyS paint', Ending::Displaces, 'It takes the chord from Paint.'],
    'reserved by the system' => ['desk Primary+Tab saw', '', Ending::Reserved, ''],
    'cannot be typed at all' => ["desk 'ж' saw", '', Ending::OutOfReach, ''],
]);

test('a key that the other board lacks is out of reach', function () {
    $account = carriedInWorkshops('desk NumpadAdd saw', '', board: 'laptop-iso', layout: 'french');
    expect($account->lines[0]->ending)->toBe(Ending::OutOfReach)->and($account->result->all())->toBe([]);
});

test('Primary follows to the other system, and a character is looked for on the other layout', function () {
    $windows = carriedInWorkshops(
        "desk Primary+KeyS saw\ndesk 'z' plane",
        '',
        there: System::Windows,
        board: 'full-iso',
        layout: 'german',
    );
    expect($windows->result->ids())->toBe(['everywhere Primary+KeyS tap saw', 'everywhere KeyY tap plane']);
});

test('a command loses the chords that it had, and what is displaced goes', function () {
    $account = carriedInWorkshops("desk KeyS saw\ndesk KeyT saw", "desk KeyX saw\ndesk KeyS paint\ndesk KeyG glue");
    expect($account->result->ids())->toBe(['desk KeyG tap glue', 'desk KeyS tap saw', 'desk KeyT tap saw']);
});

test('two lines that want one chord: the more used has it, the other says so and is left out', function () {
    $account = carriedInWorkshops("drawer KeyS glue\ndesk KeyS saw", '');
    expect(array_map(static fn (CarriedBinding $one): array => [$one->ending, $one->isAccepted], $account->lines))
        ->toBe([[Ending::Displaces, false], [Ending::Carried, true]])
        ->and($account->lines[0]->sentence)
        ->toContain('Saw is carried to the same chord')
        ->and($account->result->ids())
        ->toBe(['everywhere KeyS tap saw']);
});

test('a refused line leaves the command with its chords, and these are not taken unseen', function () {
    $account = carriedInWorkshops("desk KeyS saw\ndesk KeyX plane", 'desk KeyX saw', ['workshop desk KeyS tap saw' => false]);
    expect($account->lines[0]->isAccepted)
        ->toBeFalse()
        ->and($account->lines[1]->ending)
        ->toBe(Ending::Displaces)
        ->and($account->lines[1]->sentence)
        ->toContain('from Saw');
    $both = carriedInWorkshops("desk KeyS saw\ndesk KeyX plane", 'desk KeyX saw', [
        'workshop desk KeyS tap saw' => false,
        'workshop desk KeyX tap plane' => false,
    ]);
    expect($both->result->ids())
        ->toBe(['desk KeyX tap saw'])
        ->and($both->change()->isEmpty())
        ->toBeTrue();
});

test('every source binding of the demo world appears exactly once, and no fault is brought in', function (string $target) {
    $vocabulary = World::vocabulary();
    $importance = new Importance($vocabulary);
    $sources = array_map(
        static fn (string $id): LoadedKeymap => World::factory(World::application($id)),
        array_values(array_diff(World::applicationIds(), [$target])),
    );
    $application = World::application($target);
    $factory = World::factory($application)->bindings();
    foreach (
        [World::seat(), World::seat(System::Windows, 'full-iso', 'german'), World::seat(System::MacOs, 'laptop-iso', 'french')] as $seat
    ) {
        $keymap = new LoadedKeymap($application, $factory, $seat);
        foreach ([...array_map(static fn (LoadedKeymap $one): array => [$one], $sources), $sources] as $some) {
            $account = CarryOver::of($some, $keymap, $vocabulary, $importance, World::reserved());
            $ids = array_map(static fn (CarriedBinding $one): string => $one->id(), $account->lines);
            $bindings = array_merge(...array_map(static fn (LoadedKeymap $one): array => $one->bindings()->ids(), $some));
            expect(array_map(static fn (CarriedBinding $one): string => $one->binding->id(), $account->lines))
                ->toBe($bindings)
                ->and(count(array_unique($ids)))
                ->toBe(count($bindings))
                ->and(array_sum($account->counts()))
                ->toBe(count($bindings));
            foreach ($account->lines as $line) {
                expect($line->isAccepted)->toBe(
                    $line->to !== null &&
                        in_array($line->to->id(), $account->result->ids(), true) &&
                        ! str_contains($line->sentence, 'is used more'),
                    $line->id(),
                );
            }
            $docket = BuiltInKinds::docket(World::reserved());
            $faults = static fn (LoadedKeymap $one): array => array_filter(
                $docket->of($one),
                static fn (Clash $clash): bool => $clash->grade === Grade::Fault,
            );
            expect(
                array_map(
                    static fn (Clash $one): string => $one->sentence(),
                    array_diff_key($faults(new LoadedKeymap($application, $account->result, $seat)), $faults($keymap)),
                ),
            )->toBe([]);
        }
    }
})->with(World::applicationIds());

test('what is carried does in the target what it did in the source', function () {
    $account = CarryOver::of(
        [World::factory(World::cutloom())],
        World::factory(World::faderloft()),
        World::vocabulary(),
        new Importance(World::vocabulary()),
        World::reserved(),
    );
    $carried = array_filter($account->lines, static fn (CarriedBinding $one): bool => $one->ending === Ending::Carried);
    expect(count($carried))->toBeGreaterThan(30);
    foreach ($account->lines as $line) {
        if ($line->ending === Ending::Carried && $line->to !== null) {
            expect(World::vocabulary()->matchFor('faderloft', $line->to->command)?->intent)
                ->toBe(World::vocabulary()->matchFor('cutloom', $line->binding->command)?->intent)
                ->and(array_map(static fn (Binding $one): string => $one->chord->id(), $account->result->ofCommand($line->to->command)))
                ->toContain($line->to->chord->id());
        }
    }
});
