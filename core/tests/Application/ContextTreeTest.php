<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\InvalidCatalogue;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Application\UnknownContext;
use Zebrafinch\Core\Tests\World;

test('which contexts some focus has together', function (string $one, string $other, bool $together) {
    expect(World::workshop()->contexts->overlap($one, $other))
        ->toBe($together)
        ->and(World::workshop()->contexts->overlap($other, $one))
        ->toBe($together);
})->with([
    ['everywhere', 'drawer', true],
    ['desk', 'drawer', true],
    ['desk', 'shelf', false],
    ['drawer', 'shelf', false],
    ['shelf', 'wall', true],
    ['desk', 'desk', true],
]);

test('what is active with a focus, the deepest first', function () {
    $ranks = World::workshop()->contexts->activeRanks('shelf');
    expect(array_map(static fn (array $rank): array => array_column($rank, 'id'), $ranks))
        ->toBe([['shelf', 'wall'], ['everywhere']])
        ->and(World::workshop()->contexts->depth('drawer'))
        ->toBe(2);
});

test('a tree that is none is refused', function (array $contexts, string $says) {
    expect(fn () => ContextTree::of(...$contexts))->toThrow(InvalidCatalogue::class, $says);
})->with([
    'no root' => [fn (): array => [], 'no context "everywhere"'],
    'a parent that is not there' => [
        fn (): array => [new Context('everywhere', 'E', null), new Context('a', 'A', 'b')],
        'not listed before',
    ],
    'a second root' => [fn (): array => [new Context('everywhere', 'E', null), new Context('a', 'A', null)], 'names no parent'],
    'one id twice' => [fn (): array => [new Context('everywhere', 'E', null), new Context('everywhere', 'E', null)], 'listed twice'],
]);

test('a catalogue with two commands of one id, or a home that is not there, is refused', function () {
    $tree = ContextTree::of(new Context('everywhere', 'Everywhere', null));
    $make = fn (Command ...$commands): Application => Application::of(
        'a',
        'A',
        '',
        $tree,
        Precedence::DeeperFirst,
        LoadingRule::RefuseFile,
        'x',
        Commands::of(array_values($commands)),
    );
    expect(fn () => $make(new Command('a', 'A', [], '', 'everywhere'), new Command('a', 'B', [], '', 'everywhere')))
        ->toThrow(InvalidCatalogue::class, 'listed twice')
        ->and(fn () => $make(new Command('a', 'A', [], '', 'attic')))
        ->toThrow(UnknownContext::class);
});

test('the stand-ins have 80 to 150 commands, each with a home, a name and a tooltip', function () {
    foreach ([World::cutloom(), World::faderloft()] as $application) {
        expect(count($application->commands()))->toBeBetween(80, 150);
    }
});
