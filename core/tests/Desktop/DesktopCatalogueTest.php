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
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Desktop\NearestTitle;
use Zebrafinch\Core\Tests\World;

/** An application with one context and these menu items, by the ids of their commands. */
function withMenu(string $id, array $menus): Application
{
    return Application::of(
        $id,
        ucfirst($id),
        'tests',
        ContextTree::of(new Context('everywhere', 'Everywhere', null)),
        Precedence::DeeperFirst,
        LoadingRule::LastLineWins,
        'none',
        Commands::of(
            array_map(
                static fn (string $command, array $menu): Command => new Command(
                    $command,
                    "Command {$command}",
                    $menu,
                    'Does it',
                    'everywhere',
                    [CommandTrait::MenuOnly],
                ),
                array_keys($menus),
                $menus,
            ),
        ),
    );
}

function shed(): Application
{
    return withMenu('shed', [
        'open' => ['File', 'Open …'],
        'open-recent' => ['File', 'Open recent', 'Last week'],
        'last-week' => ['View', 'Last week'],
        'saw' => [],
    ]);
}

test('the desktop has a context for each application, and a command for each of its menu titles', function () {
    $desktop = DesktopCatalogue::of([shed(), withMenu('attic', ['open' => ['File', 'Open …']])]);
    expect(array_map(static fn (Context $one): string => "{$one->id} in {$one->parent}", array_slice($desktop->contexts->all(), 1)))
        ->toBe(['shed in everywhere', 'attic in everywhere'])
        ->and(array_map(static fn (Command $one): string => "{$one->home}: {$one->name}", $desktop->commands()))
        ->toBe(['shed: Open …', 'shed: Last week', 'attic: Open …'])
        ->and($desktop->dialect)
        ->toBe(DesktopCatalogue::DIALECT);
});

test('where two items have one title the desktop finds the first, and a command without a menu has none', function () {
    expect(DesktopCatalogue::titlesOf(shed()))->toBe(['Open …' => 'open', 'Last week' => 'open-recent']);
});

test('a command of the desktop names the application and the title, whatever is in the title', function (string $title) {
    expect(DesktopCatalogue::title(DesktopCatalogue::command('shed', $title)))->toBe($title);
})->with(['Open …', 'In/Out', '100 %', '']);

test('a title keeps the traits of what it runs, so that warnings about it are the same', function () {
    expect(
        DesktopCatalogue::of([shed()])
            ->command('shed/Open …')
            ->is(CommandTrait::MenuOnly),
    )->toBeTrue();
});

test('a title that no menu has to the letter is told with the nearest', function (string $written, ?string $nearest) {
    expect(NearestTitle::to(DesktopCatalogue::command('shed', $written), 'shed', DesktopCatalogue::of([shed()])))->toBe($nearest);
})->with([
    'another ellipsis' => ['Open...', 'shed/Open …'],
    'another case' => ['LAST WEEK', 'shed/Last week'],
    'a letter wrong' => ['Last weak', 'shed/Last week'],
    'nothing like it' => ['Bounce to disk', null],
    'empty' => ['', null],
]);

test('the nearest title is one of the same application', function () {
    $desktop = DesktopCatalogue::of([shed(), withMenu('attic', ['open' => ['File', 'Opens']])]);
    expect(NearestTitle::to('attic/Open …', 'attic', $desktop))->toBe('attic/Opens');
});

test('the desktop over the shipped applications knows every menu title of each', function () {
    $desktop = World::applicationsAndDesktop()[DesktopCatalogue::ID];
    foreach (World::applicationIds() as $id) {
        foreach (array_keys(DesktopCatalogue::titlesOf(World::application($id))) as $title) {
            expect($desktop->knows(DesktopCatalogue::command($id, (string) $title)))->toBeTrue();
        }
    }
});
