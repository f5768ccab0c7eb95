<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\InvalidCatalogue;
use Zebrafinch\Core\Tests\World;

/** The commands of a shipped catalogue, made one by one when they are asked for. */
function fromCatalogue(): Commands
{
    return Commands::fromData(World::json('catalogues/cutloom/catalogue.json')['commands']);
}

test('commands are in the order of the catalogue, whether or not one was asked for before', function () {
    $commands = fromCatalogue();
    $ids = array_column(World::json('catalogues/cutloom/catalogue.json')['commands'], 'id');
    $commands->get($ids[20]);
    expect(array_map(static fn (Command $one): string => $one->id, $commands->all()))->toBe($ids);
});

test('a command is made once', function () {
    $commands = fromCatalogue();
    expect($commands->get('lift'))->toBe($commands->get('lift'))->and($commands->all())->toContain($commands->get('lift'));
});

test('what is not in the catalogue is nothing, by id and by name', function () {
    foreach ([fromCatalogue(), Commands::of([])] as $commands) {
        expect($commands->get('bake-bread'))->toBeNull()->and($commands->name('bake-bread'))->toBeNull();
    }
});

test('a name is told without making the command, and is the same', function () {
    $commands = fromCatalogue();
    expect($commands->name('lift'))->toBe($commands->get('lift')?->name);
});

test('the contexts in which commands are at home are told once each, made or not', function () {
    $commands = fromCatalogue();
    expect($commands->homes())
        ->toBe(array_values(array_unique(array_map(static fn (Command $one): string => $one->home, $commands->all()))))
        ->and(Commands::of($commands->all())->homes())
        ->toBe($commands->homes());
});

test('two commands with one id are refused, with the id', function () {
    $lift = new Command('lift', 'Lift', [], 'Takes it out', 'everywhere');
    expect(fn () => Commands::of([$lift, $lift]))->toThrow(InvalidCatalogue::class, 'lift');
});
