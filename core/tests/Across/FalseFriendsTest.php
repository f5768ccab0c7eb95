<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\FalseFriend;
use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Across\FriendSide;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Commands;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

/** @return list<string> each as `press: expected … ≠ instead` */
function falseFriends(string $workshop, string $shed): array
{
    $app = World::workshop();
    $commands = array_map(
        static fn (Command $one): Command => new Command(
            $one->id,
            $one->name,
            [],
            $one->tooltip,
            'everywhere',
            $one->id === 'paint' ? [CommandTrait::Destructive] : [],
        ),
        $app->commands(),
    );
    $other = Application::of('shed', 'Shed', 'tests', $app->contexts, $app->precedence, $app->loading, 'none', Commands::of($commands));
    $matches = static fn (array $of): array => array_map(
        static fn (string $command): array => ['command' => $command, 'intent' => "to-{$command}"],
        $of,
    );
    $vocabulary = Vocabulary::fromData(
        array_map(static fn (string $one): array => ['id' => "to-{$one}", 'name' => $one, 'group' => 'wood', 'synonyms' => []], [
            'saw',
            'plane',
            'glue',
            'paint',
        ]),
        ['workshop' => $matches(['saw', 'plane', 'glue']), 'shed' => $matches(['saw', 'plane', 'paint'])],
    );
    $found = (new FalseFriends(
        [World::loaded($workshop, $app), new LoadedKeymap($other, World::bindings($shed), World::seat())],
        $vocabulary,
        new Importance($vocabulary),
    ))->all();
    $called = static fn (FriendSide $side): string => "{$side->application->id} {$side->command->id}";

    return array_map(
        static fn (FalseFriend $one): string => "{$one->press->id}: ".
            implode(' and ', array_map($called, $one->expected)).
            ' ≠ '.
            $called($one->instead).
            ($one->isDangerous() ? '!' : ''),
        $found,
    );
}

test('one chord for two intents misleads both ways', function () {
    expect(falseFriends('desk KeyS saw', 'desk KeyS plane'))
        ->toEqualCanonicalizing(['KeyS: shed plane ≠ workshop saw', 'KeyS: workshop saw ≠ shed plane'])
        ->and(falseFriends('desk KeyS saw', 'shelf KeyS saw'))
        ->toBe([])
        ->and(falseFriends('desk KeyS saw', 'desk KeyT plane'))
        ->toBe([]);
});

test('what destroys something comes first, then what more places lead to expect', function () {
    expect(falseFriends("desk KeyS saw\nshelf KeyS plane\ndesk KeyG glue", "desk KeyS saw\ndesk KeyG paint")[0])
        ->toBe('KeyG: workshop glue ≠ shed paint!')
        ->and(falseFriends("desk KeyS saw\nshelf KeyS plane\ndesk KeyG glue", "desk KeyS saw\ndesk KeyG paint")[1])
        ->toBe('KeyS: workshop saw and shed saw ≠ workshop plane');
});

test('a command that is matched to nothing can surprise, but is not expected', function () {
    // Sand has no intent.
    expect(falseFriends('desk KeyS sand', 'desk KeyS saw'))->toBe(['KeyS: shed saw ≠ workshop sand']);
});

test('a line that the application does not obey misleads nobody', function () {
    expect(falseFriends("desk KeyS plane\ndesk KeyS saw", 'desk KeyS saw'))->toBe([]);
});

test('what an intent destroys is dangerous, whether or not the catalogue says so of the command', function () {
    $app = World::workshop();
    $shed = World::likeWorkshop('shed');
    $vocabulary = Vocabulary::fromData(
        [
            ['id' => 'part', 'name' => 'Part', 'group' => 'wood', 'synonyms' => []],
            ['id' => 'burn', 'name' => 'Burn', 'group' => 'wood', 'synonyms' => [], 'traits' => ['destructive']],
        ],
        ['workshop' => [['command' => 'saw', 'intent' => 'part']], 'shed' => [['command' => 'glue', 'intent' => 'burn']]],
    );
    $found = (new FalseFriends(
        [World::loaded('desk KeyS saw', $app), new LoadedKeymap($shed, World::bindings('desk KeyS glue'), World::seat())],
        $vocabulary,
        new Importance($vocabulary),
    ))->all();
    expect(array_map(static fn (FalseFriend $one): array => [$one->instead->command->id, $one->isDangerous()], $found))->toBe([
        ['glue', true],
        ['saw', false],
    ]);
});
