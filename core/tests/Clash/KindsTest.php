<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Clash\Remedies;
use Zebrafinch\Core\Clash\Remedy;
use Zebrafinch\Core\Clash\Settle\SettleAll;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\TitleBindings;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Tests\World;

// Every kind by an example, its sentence in the words of somebody at the keyboard, and the ways out of it.

/** The workshop, with a command that repeats, one that can be held, and one at home in the drawer. */
function bench(bool $tellsHold): Application
{
    $app = World::workshop(tellsHold: $tellsHold);

    return Application::of(
        'bench',
        'Bench',
        'tests',
        $app->contexts,
        $app->precedence,
        $app->loading,
        'none',
        Commands::of([
            new Command('saw', 'Saw', [], 'Cuts', 'desk', [CommandTrait::Repeats]),
            new Command('plane', 'Plane', [], 'Smooths', 'desk', [CommandTrait::CanBeHeld]),
            new Command('glue', 'Glue', [], 'Joins', 'drawer'),
        ]),
        $tellsHold,
    );
}

/** @return array<string, string> sentences by kind; only the last of each */
function sentences(LoadedKeymap $keymap): array
{
    $found = BuiltInKinds::docket(World::reserved())->withNotes()->of($keymap);

    return array_combine(
        array_map(static fn (Clash $one): string => "{$one->grade->value} {$one->kind->name()}", $found),
        array_map(static fn (Clash $one): string => $one->sentence(), $found),
    );
}

/** @return list<string> titles of the remedies of the first clash of a kind */
function waysOut(LoadedKeymap $keymap, string $kind): array
{
    $docket = BuiltInKinds::docket(World::reserved());
    $clash = array_values(array_filter($docket->of($keymap), static fn (Clash $one): bool => $one->kind->name() === $kind))[0];

    return array_map(
        static fn (Remedy $one): string => $one->title,
        (new Remedies($docket, new Offers([], [], World::reserved())))->for($clash, $keymap),
    );
}

test('a hold on a key whose tap repeats', function () {
    $keymap = World::loaded("desk KeyB saw\ndesk KeyB plane hold", bench(true));
    expect(sentences($keymap))
        ->toBe(['fault tap-hold' => 'While B is held, Saw repeats; Plane cannot last as long as the key is down.'])
        ->and(waysOut($keymap, 'tap-hold'))
        ->toContain('Take the chord from Saw (Desk)')
        // A tap of Plane would be a double with Saw.
        ->and(sentences($keymap->after(Change::none()->removing($keymap->bindings()->all()[0]))))
        ->toBe([]);
});

test('a hold where the application cannot tell it from a tap can become a tap', function () {
    $keymap = World::loaded('desk KeyB plane hold', bench(false));
    expect(sentences($keymap))
        ->toBe(['fault tap-hold' => 'Bench cannot tell a hold from a tap: B runs Plane and does not let go of it.'])
        ->and(waysOut($keymap, 'tap-hold')[0])
        ->not->toBe('')
        ->and(waysOut($keymap, 'tap-hold'))
        ->toContain('Change Plane (Desk) to a tap of the same chord');
});

test('two taps on one chord are split by gesture where one of them can be held', function () {
    $keymap = World::loaded("desk KeyB glue\ndesk KeyB plane", bench(true));
    expect(waysOut($keymap, 'double'))->toContain('Change Plane (Desk) to holding the same chord');
});

test('a command that is bound wider than its home is narrowed', function () {
    $keymap = World::loaded("everywhere KeyB glue\ndesk KeyB plane", bench(false));
    expect(waysOut($keymap, 'shadow'))->toContain('Narrow Glue (Everywhere) to Drawer only');
});

test('a chord that the system keeps', function () {
    expect(sentences(World::loaded('desk Primary+KeyH plane', bench(false))))
        ->toBe(['fault reserved' => 'Plane in Desk: The system reserves ⌘H: it hides the window.'])
        ->and(sentences(World::loaded('desk Primary+KeyH plane', bench(false), System::Linux)))
        ->toBe([]);
});

test('a key that the board lacks, one behind Fn, and Ctrl and Alt that are AltGr', function () {
    $at = static fn (string $bindings, System $system, string $board, string $layout): array => sentences(
        new LoadedKeymap(bench(false), World::bindings($bindings), World::seat($system, $board, $layout)),
    );
    expect(array_keys($at('desk Numpad5 plane', System::MacOs, 'laptop-iso', 'french')))
        ->toBe(['fault out-of-reach'])
        ->and(array_keys($at('desk PageUp plane', System::MacOs, 'laptop-iso', 'french')))
        ->toBe(['warning out-of-reach'])
        ->and($at('desk Control+Alt+KeyE plane', System::Windows, 'full-iso', 'german'))
        ->toBe([
            'warning out-of-reach' => 'Plane in Desk: On Windows AltGr is Ctrl and Alt together, so Ctrl+Alt+E types € on this layout; '.
                'where text is entered the character wins.',
        ])
        ->and($at('desk Control+Alt+F5 plane', System::Windows, 'full-iso', 'german'))
        ->toBe([]);
});

test('a chord that types where text is entered is swallowed, one that types nothing is not', function () {
    expect(sentences(World::loaded("note KeyB plane\nnote F5 saw", bench(false))))->toBe([
        'warning swallowed' => 'Note takes text: B types "b" there and never runs Plane.',
    ]);
});

test('parallels are notes, and only on request', function () {
    $keymap = World::loaded("desk KeyB saw\nshelf KeyB plane");
    expect(array_keys(sentences($keymap)))
        ->toBe(['note parallel'])
        ->and(BuiltInKinds::docket(World::reserved())->of($keymap))
        ->toBe([]);
});

test('a menu title that no menu has to the letter is a fault, and the nearest title a way out', function (
    string $written,
    ?string $nearest,
) {
    $all = World::applicationsAndDesktop();
    $keymap = new LoadedKeymap(
        $all['desktop'],
        Bindings::of(
            Binding::fromData(['chord' => 'F5', 'command' => DesktopCatalogue::command('easeframe', $written), 'context' => 'easeframe']),
        ),
        World::seat(),
    );
    $sentence = sentences($keymap)['fault dead-title'];
    expect($sentence)
        ->toStartWith("No menu of Easeframe has the title \"{$written}\"")
        ->and(str_contains($sentence, 'The nearest is'))
        ->toBe($nearest !== null);
    if ($nearest !== null) {
        expect($sentence)
            ->toContain("The nearest is \"{$nearest}\".")
            ->and(waysOut($keymap, 'dead-title'))
            ->toContain("Change {$keymap->bindings()->all()[0]->command} (Easeframe) to the title \"{$nearest}\"");
    }
})->with([
    'another case' => ['Gather Files…', 'Gather files…'],
    'three full stops' => ['Gather files...', 'Gather files…'],
    'a blank more' => ['Gather  files…', 'Gather files…'],
    'no ellipsis' => ['Render still', 'Render still…'],
    'a slip of the finger' => ['Duplcate', 'Duplicate'],
    'nothing like it' => ['Bake a cake for the whole crew', null],
]);

test('an exact title is no fault, takes the chord from the application, and hides what had it', function () {
    $all = World::applicationsAndDesktop();
    $seat = World::seat();
    $desktop = new LoadedKeymap(
        $all['desktop'],
        Bindings::of(Binding::fromData(['chord' => 'KeyK', 'command' => 'cutloom/Relink media', 'context' => 'cutloom'])),
        $seat,
    );
    $cutloom = new LoadedKeymap(
        $all['cutloom'],
        World::factory($all['cutloom'])->bindings(),
        $seat,
        TitleBindings::for($all['cutloom'], $desktop),
    );
    expect(sentences($desktop))
        ->toBe([])
        ->and(
            implode(
                ' ',
                array_map(static fn (Clash $one): string => $one->sentence(), BuiltInKinds::docket(World::reserved())->of($cutloom)),
            ),
        )
        ->toContain('The desktop takes K for the menu title of Relink media and hides Stop')
        ->and(TitleBindings::for($all['faderloft'], $desktop)->presses())
        ->toBe([]);
});

test('clashes that are ignored are not found, and not settled', function () {
    $keymap = World::loaded("desk KeyB saw\ndesk KeyB plane\ndesk KeyG glue\ndesk KeyG saw", bench(false));
    $docket = BuiltInKinds::docket(World::reserved());
    $first = array_key_first($docket->of($keymap));
    $settled = static fn (Docket $by): int => count(SettleAll::of($keymap, $by, new Offers())->repairs);
    expect($docket->ignoring([(string) $first])->of($keymap))
        ->toHaveCount(1)
        ->and($settled($docket))
        ->toBe(2)
        ->and($settled($docket->ignoring([(string) $first])))
        ->toBe(1);
});

test('what is settled has no fault left, and its cost is never below its bound', function () {
    mt_srand(17);
    $docket = BuiltInKinds::docket(World::reserved());
    foreach (['faderloft', 'gradewell', 'boardwick'] as $id) {
        $application = World::application($id);
        $factory = World::factory($application)->bindings()->all();
        $commands = $application->commands();
        $extra = array_map(
            static fn (): Binding => new Binding(
                $factory[mt_rand(0, count($factory) - 1)]->chord,
                $commands[mt_rand(0, count($commands) - 1)]->id,
                $factory[mt_rand(0, count($factory) - 1)]->context,
            ),
            range(1, 12),
        );
        $keymap = new LoadedKeymap($application, Bindings::of(...$factory, ...$extra), World::seat());
        $settlement = SettleAll::of($keymap, $docket, new Offers([], [], World::reserved()), mostMoves: 3);
        $left = array_filter(
            $docket->of($keymap->after($settlement->change())),
            static fn (Clash $one): bool => $one->grade === Grade::Fault,
        );
        expect(array_map(static fn (Clash $one): string => $one->sentence(), $left))
            ->toBe([])
            ->and($settlement->cost)
            ->toBeGreaterThanOrEqual($settlement->bound)
            ->and($settlement->repairs)
            ->not->toBe([]);
    }
});

test('a tap that repeats and a hold do not both move to the key that is best for each', function () {
    $contexts = ContextTree::of(new Context('everywhere', 'Everywhere', null), new Context('desk', 'Desk', 'everywhere'));
    $command = static fn (string $id, CommandTrait ...$traits): Command => new Command($id, ucfirst($id), [], 'Does it', 'desk', $traits);
    $application = Application::of(
        'shop',
        'Shop',
        'tests',
        $contexts,
        Precedence::DeeperFirst,
        LoadingRule::LastLineWins,
        'none',
        Commands::of([
            $command('saw', CommandTrait::Repeats),
            $command('plane', CommandTrait::CanBeHeld),
            $command('glue', CommandTrait::Repeats),
            $command('sand', CommandTrait::CanBeHeld),
        ]),
        tellsHold: true,
    );
    $docket = BuiltInKinds::docket(World::reserved());
    $keymap = World::loaded("desk KeyX saw\ndesk KeyX plane hold\ndesk KeyV glue\ndesk KeyV sand hold", $application);
    $settlement = SettleAll::of($keymap, $docket, new Offers(reserved: World::reserved()));
    $after = $keymap->after($settlement->change());
    expect($settlement->repairs)
        ->toHaveCount(2)
        ->and(array_filter($docket->of($after), static fn (Clash $one): bool => $one->grade === Grade::Fault))
        ->toBe([]);
});

test('a character that the number pad types too is settled with the key of the number pad', function () {
    $keymap = World::loaded("desk '1' saw\ndesk Numpad1 plane\ndesk Digit1 glue");
    $docket = BuiltInKinds::docket(World::reserved());
    $settlement = SettleAll::of($keymap, $docket, new Offers(reserved: World::reserved()));
    expect($settlement->repairs)
        ->toHaveCount(1)
        ->and($settlement->change()->conflictsWith($keymap->bindings()))
        ->toBe([])
        ->and($docket->of($keymap->after($settlement->change())))
        ->toBe([]);
});

test('warnings are settled too where somebody asks for it, and stay otherwise', function () {
    $keymap = World::loaded("everywhere KeyS saw\ndesk KeyS plane");
    $docket = BuiltInKinds::docket(World::reserved());
    $free = new Offers(reserved: World::reserved());
    expect(SettleAll::of($keymap, $docket, $free)->repairs)->toBe([]);
    $settlement = SettleAll::of($keymap, $docket, $free, withWarnings: true);
    expect($docket->of($keymap->after($settlement->change())))
        ->toBe([])
        ->and($settlement->sentence())
        ->toBe('No other set of repairs that leaves no clash costs the hands less.');
});

test('of contexts that lie inside one another it is never said that they do not meet', function () {
    $keymap = World::loaded("desk KeyS saw\ndrawer KeyS plane\nshelf KeyS glue");
    $notes = array_filter(
        BuiltInKinds::docket(World::reserved())->withNotes()->of($keymap),
        static fn (Clash $one): bool => $one->kind->name() === 'parallel',
    );
    expect(array_values(array_map(static fn (Clash $one): string => $one->sentence(), $notes)))->toBe([
        'S runs Saw in Desk, Plane in Drawer and Glue in Shelf; Desk never meets Shelf and Drawer never meets Shelf.',
    ]);
});
