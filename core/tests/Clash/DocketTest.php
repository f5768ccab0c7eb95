<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Clash\Remedies;
use Zebrafinch\Core\Clash\Remedy;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Tests\World;

/**
 * The clashes of one kind: a further kind changes nothing here.
 *
 * @return list<string> `grade: losing commands`
 */
function docket(LoadedKeymap $keymap, string $kind): array
{
    return array_values(
        array_map(
            static fn (Clash $clash): string => "{$clash->grade->value}: ".implode(' ', array_column($clash->losing, 'command')),
            array_filter(
                BuiltInKinds::docket(World::reserved())->of($keymap),
                static fn (Clash $clash): bool => $clash->kind->name() === $kind,
            ),
        ),
    );
}

/** The first clash of a kind in a keymap of the workshop. */
function firstOf(string $kind, string $bindings): ?Clash
{
    $found = BuiltInKinds::docket(World::reserved())->of(World::loaded($bindings));

    return array_values(array_filter($found, static fn (Clash $clash): bool => $clash->kind->name() === $kind))[0] ?? null;
}

test('a double says which line is dead', function (LoadingRule $rule, array $expected) {
    expect(docket(World::loaded("desk KeyB saw\ndesk KeyB plane", World::workshop($rule)), 'double'))->toBe($expected);
})->with([
    [LoadingRule::FirstLineWins, ['fault: plane']],
    [LoadingRule::LastLineWins, ['fault: saw']],
    [LoadingRule::RefuseFile, ['fault: saw plane']],
]);

test('the same line twice is a fault only where the file is refused for it', function () {
    $twice = "desk KeyB saw\ndesk KeyB saw";
    expect(docket(World::loaded($twice), 'double'))
        ->toBe([])
        ->and(docket(World::loaded($twice, World::workshop(LoadingRule::RefuseFile)), 'double'))
        ->toBe(['fault: saw saw']);
});

test('coexisting contexts with the same chord are a double that nothing decides', function () {
    expect(docket(World::loaded("shelf KeyB saw\nwall KeyB plane"), 'double'))->toBe(['fault: saw plane']);
});

test('the same chord in contexts that exclude each other is no clash', function () {
    $keymap = World::loaded("desk KeyB saw\nshelf KeyB plane");
    expect([docket($keymap, 'double'), docket($keymap, 'shadow')])->toBe([[], []]);
});

test('a shadow names what cannot be reached any more, and what still can', function () {
    $clash = fn (string $more): string => (string) firstOf('shadow', "everywhere KeyB saw\ndesk KeyB plane{$more}")?->sentence();
    expect($clash(''))
        ->toBe('While Desk has the focus, B runs Plane and hides Saw, which no other chord reaches there.')
        ->and($clash("\neverywhere KeyS saw"))
        ->toBe('While Desk has the focus, B runs Plane and hides Saw (still on S).');
});

test('a double says in a sentence which command is left, by the rule of the file', function (LoadingRule $rule, string $end) {
    $keymap = World::loaded("desk KeyB saw\ndesk KeyB glue\ndesk KeyB plane", World::workshop($rule));
    $double = array_values(
        array_filter(
            BuiltInKinds::docket(World::reserved())->of($keymap),
            static fn (Clash $clash): bool => $clash->kind->name() === 'double',
        ),
    )[0];
    expect($double->sentence())->toBe("Desk gives B to Saw, Glue and Plane. {$end}");
})->with([
    [LoadingRule::FirstLineWins, 'The first line wins: only Saw runs.'],
    [LoadingRule::LastLineWins, 'The last line wins: only Plane runs.'],
    [LoadingRule::RefuseFile, 'Workshop refuses the whole key file because of it.'],
]);

test('three coexisting bindings of one chord are told in pairs, each pair once', function () {
    expect(docket(World::loaded("shelf KeyB saw\nwall KeyB plane"), 'double'))
        ->toHaveCount(1)
        ->and(docket(World::loaded("shelf KeyB saw\nwall KeyB saw"), 'double'))
        ->toBe([]);
});

test('one command in two nested contexts hides nothing', function () {
    expect(docket(World::loaded("everywhere KeyB saw\ndesk KeyB saw"), 'shadow'))->toBe([]);
});

test('where Everywhere is asked first, it is the one that hides', function () {
    $app = World::workshop(precedence: Precedence::EverywhereFirst);
    expect(docket(World::loaded("everywhere KeyB saw\ndesk KeyB plane", $app), 'shadow'))->toBe(['warning: plane']);
});

test('a clash keeps its identity when others come and go, and loses it when one of its bindings changes', function () {
    $id = fn (string $text): string => firstOf('shadow', $text)?->id() ?? '';
    $alone = $id("everywhere KeyB saw\ndesk KeyB plane");
    expect($id("shelf KeyX glue\ndesk KeyB plane\neverywhere KeyB saw"))
        ->toBe($alone)
        ->and($id("everywhere KeyB saw\ndrawer KeyB plane"))
        ->not->toBe($alone);
});

test('each remedy settles its clash, and says what else it does', function () {
    $keymap = World::loaded("desk KeyB saw\ndesk KeyB plane\neverywhere KeyS sand");
    $clash = firstOf('double', "desk KeyB saw\ndesk KeyB plane\neverywhere KeyS sand") ?? throw new LogicException('No clash.');
    $remedies = (new Remedies(BuiltInKinds::docket(World::reserved()), new Offers()))->for($clash, $keymap);
    expect(array_map(static fn (Remedy $one): string => $one->title, $remedies))
        ->toContain('Keep Saw (Desk) only', 'Keep Plane (Desk) only')
        ->toHaveCount(4);
    foreach ($remedies as $remedy) {
        expect(array_map(static fn (Clash $settled): string => $settled->kind->name(), $remedy->consequences->settled))
            ->toContain('double')
            ->and($remedy->consequences->raised)
            ->toBe([])
            ->and($remedy->consequences->relearning)
            ->not->toBe([]);
    }
});

test('the factory keymaps have no fault', function () {
    foreach ([World::cutloom(), World::faderloft()] as $application) {
        $faults = array_filter(
            BuiltInKinds::docket(World::reserved())->of(World::factory($application)),
            static fn (Clash $clash): bool => $clash->grade === Grade::Fault,
        );
        expect($faults)->toBe([]);
    }
});
