<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\FalseFriend;
use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Across\FriendSide;
use Zebrafinch\Core\Across\Harm;
use Zebrafinch\Core\Across\MisleadingChord;
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
            ($one->harm() === Harm::Destroys ? '!' : ''),
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
    expect(array_map(static fn (FalseFriend $one): array => [$one->instead->command->id, $one->harm()], $found))->toBe([
        ['glue', Harm::Destroys],
        ['saw', Harm::Harmless],
    ]);
});

/** @param  array<string, array<string, mixed>>  $intents  by the command of the workshop or the shed that fulfils them */
function friendsOf(array $intents, ?array $from = null, ?array $to = null): array
{
    $data = [];
    foreach ($intents as $id => $more) {
        $data[] = ['id' => $id, 'name' => ucfirst($id), 'group' => 'wood', 'synonyms' => [], ...$more];
    }
    $vocabulary = Vocabulary::fromData($data, [
        'workshop' => [['command' => 'saw', 'intent' => 'cut'], ['command' => 'glue', 'intent' => 'join']],
        'shed' => [['command' => 'plane', 'intent' => 'trim'], ['command' => 'sand', 'intent' => 'smooth']],
    ]);

    return (new FalseFriends(
        [
            World::loaded("desk KeyS saw\ndesk KeyG glue"),
            new LoadedKeymap(World::likeWorkshop('shed'), World::bindings("desk KeyS plane\ndesk KeyG sand"), World::seat()),
        ],
        $vocabulary,
        new Importance($vocabulary),
        $from,
        $to,
    ))->byChord();
}

test('intents of one family ask the hands for the same, unless something else follows of them', function () {
    $presses = static fn (array $found): array => array_map(static fn (MisleadingChord $one): string => $one->press->id, $found);
    $alone = ['cut' => [], 'trim' => [], 'join' => [], 'smooth' => []];
    $family = ['cut' => ['family' => 'part'], 'trim' => ['family' => 'part']];
    expect($presses(friendsOf($alone)))
        ->toEqualCanonicalizing(['KeyS', 'KeyG'])
        ->and($presses(friendsOf([...$alone, ...$family])))
        ->toBe(['KeyG'])
        ->and($presses(friendsOf([...$alone, ...$family, 'trim' => ['family' => 'part', 'consequence' => 'leaves dust']])))
        ->toEqualCanonicalizing(['KeyS', 'KeyG'])
        ->and($presses(friendsOf([...$alone, ...$family, 'trim' => ['family' => 'part', 'traits' => ['irreversible']]])))
        ->toEqualCanonicalizing(['KeyS', 'KeyG']);
});

test('a list in one direction has what misleads there, the worst step first', function () {
    $intents = [
        'cut' => [],
        'trim' => ['traits' => ['loses-place']],
        'join' => ['traits' => ['destructive']],
        'smooth' => ['traits' => ['irreversible']],
    ];
    $harms = static fn (array $found): array => array_map(static fn (MisleadingChord $one): Harm => $one->harm(), $found);
    expect($harms(friendsOf($intents, ['workshop'], ['shed'])))
        ->toBe([Harm::CannotBeUndone, Harm::Disorients])
        ->and($harms(friendsOf($intents, ['shed'], ['workshop'])))
        ->toBe([Harm::Destroys, Harm::Harmless]);
});

test('deleting things misleads nobody in the demo, and the list fits a screen', function () {
    $keymaps = array_map(static fn (string $id): LoadedKeymap => World::factory(World::application($id)), World::applicationIds());
    $vocabulary = World::vocabulary();
    $chords = (new FalseFriends($keymaps, $vocabulary, new Importance($vocabulary), ['cutloom'], ['gradewell']))->byChord();
    $pairs = [];
    foreach ($chords as $chord) {
        foreach ($chord->friends as $friend) {
            foreach ($friend->expected as $side) {
                $pairs[] = [$side->intent?->family, $friend->instead->intent?->family];
            }
        }
    }
    expect(count($chords))
        ->toBeGreaterThan(5)
        ->toBeLessThan(60)
        ->and($pairs)
        ->not->toContain(['closer', 'closer']);
});
