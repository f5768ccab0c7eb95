<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\Propose\Contested;
use Zebrafinch\Core\Dialect\Propose\NewerVersion;
use Zebrafinch\Core\Dialect\Propose\Proposer;
use Zebrafinch\Core\Dialect\Propose\Slug;

const OLDER = "[global]\nplay = Space\nstop = K\nsave_reel = Ctrl+S\n[reels]\nsplit_reel = Ctrl+B\njoin_reels = Ctrl+J\nlock = Shift+L\n";

/** @return array{Dialect, Application} */
function older(): array
{
    $proposal = Proposer::propose([OLDER], [], 'older', 'older.conf');

    return [
        Dialect::fromData($proposal->description),
        (new CatalogueReader())->application([
            'id' => 'older',
            'name' => 'Older',
            'purpose' => 'trying',
            'precedence' => 'deeper-first',
            'loading' => 'last-line-wins',
            'dialect' => 'older',
            'contexts' => $proposal->contexts,
            'commands' => $proposal->commands,
        ]),
    ];
}

/** @param  array<string, string|null>  $said */
function newer(string $file, array $said = []): NewerVersion
{
    [$dialect, $application] = older();

    return NewerVersion::between(
        $application,
        $dialect->read(OLDER, $application)->bindings(),
        $dialect->read($file, $application)->bindings(),
        $said,
    );
}

test('the same file is no newer version', function () {
    $same = newer(OLDER);
    expect([$same->gone, $same->new, $same->renamed, $same->removed, $same->added, $same->stayed])->toBe([[], [], [], [], [], 6]);
});

test('a command under a name like its old one is renamed; one unlike any is new, and what it was like before is gone', function () {
    $newer = newer(str_replace(['split_reel', 'lock = Shift+L'], ['split_reels', 'colour = F11'], OLDER));
    expect($newer->renamed)
        ->toBe(['split-reel' => 'split_reels'])
        ->and(array_column($newer->gone, 'id'))
        ->toBe(['lock'])
        ->and($newer->new)
        ->toBe(['colour'])
        ->and($newer->stayed)
        ->toBe(4);
});

test('the same chord speaks for the same command, and somebody who knows better is heard', function () {
    $file = str_replace('join_reels = Ctrl+J', 'join_them_reels = Ctrl+J', OLDER);
    expect(newer($file)->renamed)
        ->toBe(['join-reels' => 'join_them_reels'])
        ->and(newer($file, ['join-reels' => null])->renamed)
        ->toBe([])
        ->and(newer($file, ['join-reels' => null])->new)
        ->toBe(['join_them_reels']);
});

test('a chord that changed is told with the one before', function () {
    $newer = newer(str_replace('stop = K', 'stop = F9', OLDER));
    expect([$newer->removed[0]->chord->id(), $newer->added[0]->chord->id(), count($newer->removed), count($newer->added)])->toBe([
        'KeyK',
        'F9',
        1,
        1,
    ]);
});

test('a chord to try is one that two contexts have, or one context twice for two commands', function () {
    [$dialect, $application] = older();
    $file = $dialect->read(OLDER."stop = Ctrl+S\nplay = Ctrl+B\n", $application);
    $contested = Contested::in($file);
    expect([$contested->inTwo[0]->line ?? 0, $contested->inTwo[1]->line ?? 0])
        ->toBe([4, 9])
        ->and([$contested->twice[0]->line ?? 0, $contested->twice[1]->line ?? 0])
        ->toBe([6, 10])
        ->and(Contested::in($dialect->read(OLDER, $application))->inTwo)
        ->toBeNull();
});

test('an id is made of any name, and is unlike those that are taken', function (string $name, string $id) {
    expect(Slug::of($name))
        ->toBe($id)
        ->and(Slug::unlike($name, [$id => 1, "{$id}-2" => 1]))
        ->toBe("{$id}-3");
})->with([
    ['Split Reel', 'split-reel'],
    ['splitReel', 'split-reel'],
    ['Überall', 'ueberall'],
    ['a.b/c', 'a-b-c'],
    ['Track 12', 'track-12'],
]);

test('a name without any letter gets an id all the same', function () {
    expect(Slug::of('→'))->toMatch('/^x[0-9a-f]{6}$/')->and(Slug::of('→'))->not->toBe(Slug::of('←'));
});
