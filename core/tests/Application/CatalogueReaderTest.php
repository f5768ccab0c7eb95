<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\InvalidCatalogue;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Application\UnknownCommand;
use Zebrafinch\Core\Application\UnknownContext;
use Zebrafinch\Core\Tests\World;

/** @return array<string, mixed> a catalogue that is right, with something in it changed */
function catalogue(array $change): array
{
    return $change + [
        'id' => 'bench',
        'name' => 'Bench',
        'purpose' => 'tests',
        'precedence' => 'deeper-first',
        'loading' => 'last-line-wins',
        'dialect' => 'none',
        'contexts' => [['id' => 'everywhere', 'name' => 'Everywhere'], ['id' => 'desk', 'name' => 'Desk', 'parent' => 'everywhere']],
        'commands' => [
            ['id' => 'saw', 'name' => 'Saw', 'tooltip' => 'Cut wood', 'context' => 'desk', 'traits' => ['repeats', 'destructive']],
        ],
    ];
}

test('a catalogue becomes an application', function () {
    $bench = (new CatalogueReader())->application(catalogue([]));
    expect($bench->command('saw')->is(CommandTrait::Repeats))
        ->toBeTrue()
        ->and($bench->command('saw')->is(CommandTrait::MenuOnly))
        ->toBeFalse()
        ->and($bench->command('saw')->menu)
        ->toBe([])
        ->and($bench->loading)
        ->toBe(LoadingRule::LastLineWins)
        ->and($bench->precedence)
        ->toBe(Precedence::DeeperFirst)
        ->and($bench->commandName('glue'))
        ->toBe('glue')
        ->and($bench->knows('glue'))
        ->toBeFalse();
});

test('a catalogue that contradicts itself is refused with the place', function (array $change, string $says) {
    expect(fn () => (new CatalogueReader())->application(catalogue($change)))->toThrow(InvalidCatalogue::class, $says);
})->with([
    'a command twice' => [
        ['commands' => array_fill(0, 2, ['id' => 'saw', 'name' => 'Saw', 'tooltip' => 'x', 'context' => 'desk'])],
        'The command "saw" is listed twice.',
    ],
    'a context twice' => [
        ['contexts' => [['id' => 'everywhere', 'name' => 'E'], ['id' => 'everywhere', 'name' => 'E']]],
        'The context "everywhere" is listed twice.',
    ],
    'no root' => [['contexts' => []], 'has no context "everywhere"'],
    'a child before its parent' => [
        ['contexts' => [['id' => 'everywhere', 'name' => 'E'], ['id' => 'drawer', 'name' => 'D', 'parent' => 'desk']]],
        'names the parent "desk", which is not listed before it',
    ],
]);

test('a command whose home does not exist, and a command that is asked for in vain', function () {
    expect(
        fn () => (new CatalogueReader())->application(
            catalogue(['commands' => [['id' => 'saw', 'name' => 'Saw', 'tooltip' => 'x', 'context' => 'kitchen']]]),
        ),
    )
        ->toThrow(UnknownContext::class, 'There is no context "kitchen".')
        ->and(fn () => World::cutloom()->command('nosuch'))
        ->toThrow(UnknownCommand::class, 'Cutloom has no command "nosuch".');
});

test('every shipped command has a home, a tooltip and a name of its own in its application', function (string $id) {
    $application = World::application($id);
    $names = array_map(static fn ($command): string => $command->name, $application->commands());
    expect(count($names))->toBeGreaterThanOrEqual(80)->toBeLessThanOrEqual(150)->and(array_unique($names))->toHaveCount(count($names));
    foreach ($application->commands() as $command) {
        expect($application->contexts->has($command->home))->toBeTrue()->and($command->tooltip)->not->toBe('');
    }
})->with(World::applicationIds());

test('every match names a command and an intent that exist, and each command at most once', function (string $id) {
    $application = World::application($id);
    $commands = array_column(World::json("catalogues/{$id}/matches.json")['matches'], 'command');
    expect(array_unique($commands))->toHaveCount(count($commands));
    foreach ($commands as $command) {
        expect($application->knows($command))
            ->toBeTrue($command)
            ->and(World::vocabulary()->matchFor($id, $command))
            ->not->toBeNull();
    }
})->with(World::applicationIds());
