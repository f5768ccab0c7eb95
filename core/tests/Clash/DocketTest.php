<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Remedies;
use Zebrafinch\Core\Clash\Remedy;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Tests\World;

/** @return list<string> `grade kind: losing commands` */
function docket(LoadedKeymap $keymap): array
{
    return array_values(
        array_map(
            static fn (Clash $clash): string => "{$clash->grade->value} {$clash->kind->name()}: ".
                implode(' ', array_column($clash->losing, 'command')),
            BuiltInKinds::docket(World::reserved())->of($keymap),
        ),
    );
}

test('a double says which line is dead', function (LoadingRule $rule, array $expected) {
    expect(docket(World::loaded("desk KeyB saw\ndesk KeyB plane", World::workshop($rule))))->toBe($expected);
})->with([
    [LoadingRule::FirstLineWins, ['fault double: plane']],
    [LoadingRule::LastLineWins, ['fault double: saw']],
    [LoadingRule::RefuseFile, ['fault double: saw plane']],
]);

test('the same line twice is a fault only where the file is refused for it', function () {
    $twice = "desk KeyB saw\ndesk KeyB saw";
    expect(docket(World::loaded($twice)))
        ->toBe([])
        ->and(docket(World::loaded($twice, World::workshop(LoadingRule::RefuseFile))))
        ->toBe(['fault double: saw saw']);
});

test('coexisting contexts with the same chord are a double that nothing decides', function () {
    expect(docket(World::loaded("shelf KeyB saw\nwall KeyB plane")))->toBe(['fault double: saw plane']);
});

test('the same chord in contexts that exclude each other is no clash', function () {
    expect(docket(World::loaded("desk KeyB saw\nshelf KeyB plane")))->toBe([]);
});

test('a shadow names what cannot be reached any more, and what still can', function () {
    $clash = fn (string $more): string => array_values(
        BuiltInKinds::docket(World::reserved())->of(World::loaded("everywhere KeyB saw\ndesk KeyB plane{$more}")),
    )[0]->sentence();
    expect($clash(''))
        ->toBe('While Desk has the focus, B runs Plane and hides Saw, which no other chord reaches there.')
        ->and($clash("\neverywhere KeyS saw"))
        ->toBe('While Desk has the focus, B runs Plane and hides Saw (still on S).');
});

test('one command in two nested contexts hides nothing', function () {
    expect(docket(World::loaded("everywhere KeyB saw\ndesk KeyB saw")))->toBe([]);
});

test('where Everywhere is asked first, it is the one that hides', function () {
    $app = World::workshop(precedence: Precedence::EverywhereFirst);
    expect(docket(World::loaded("everywhere KeyB saw\ndesk KeyB plane", $app)))->toBe(['warning shadow: plane']);
});

test('a clash keeps its identity when others come and go, and loses it when one of its bindings changes', function () {
    $id = fn (string $text): string => array_key_first(BuiltInKinds::docket(World::reserved())->of(World::loaded($text))) ?? '';
    $alone = $id("everywhere KeyB saw\ndesk KeyB plane");
    expect($id("shelf KeyX glue\ndesk KeyB plane\neverywhere KeyB saw"))
        ->toBe($alone)
        ->and($id("everywhere KeyB saw\ndrawer KeyB plane"))
        ->not->toBe($alone);
});

test('each remedy settles its clash, and says what else it does', function () {
    $keymap = World::loaded("desk KeyB saw\ndesk KeyB plane\neverywhere KeyS sand");
    $clash = array_values(BuiltInKinds::docket(World::reserved())->of($keymap))[0];
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
        expect(array_filter(docket(World::factory($application)), static fn (string $line): bool => str_starts_with($line, 'fault')))->toBe(
            [],
        );
    }
});
