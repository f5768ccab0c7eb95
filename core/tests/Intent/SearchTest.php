<?php

declare(strict_types=1);

use Zebrafinch\Core\Intent\Hit;
use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Tests\World;

/** @return list<string> `application command` */
function found(string $typed, int $most = 3): array
{
    $hits = (new Search([World::cutloom(), World::faderloft()], World::vocabulary()))->find($typed, $most);

    return array_map(static fn (Hit $hit): string => "{$hit->application->id} {$hit->command->id}", $hits);
}

test('a command is among the first three, by whatever word people know', function (string $typed, string $wanted) {
    expect(found($typed))->toContain($wanted);
})->with([
    'its name' => ['split at playhead', 'cutloom split-at-playhead'],
    'the words in another order' => ['playhead split', 'cutloom split-at-playhead'],
    'a trade synonym' => ['razor', 'cutloom split-at-playhead'],
    'a trade synonym, other application' => ['razor', 'faderloft divide-at-cursor'],
    'two words of a synonym' => ['ripple delete', 'cutloom take-out-and-close-gap'],
    'a slip of the finger' => ['crosfade', 'faderloft crossfade'],
    'the beginning of a word' => ['norm', 'faderloft normalise'],
    'a word of the tooltip' => ['upside down', 'faderloft invert-phase'],
    'a menu and a word' => ['channel reset', 'faderloft reset-channel'],
    'what the other trade calls it' => ['bounce', 'cutloom export-sequence'],
]);

test('the reason says where the words were found', function () {
    $hit = (new Search([World::cutloom()], World::vocabulary()))->find('razor', 1)[0];
    expect($hit->because)->toBe('synonym "razor"')->and($hit->intent?->id)->toBe('split');
});

test('nothing typed and nonsense find nothing', function () {
    expect(found(''))->toBe([])->and(found('  – '))->toBe([])->and(found('xyzzyplugh'))->toBe([]);
});

test('all words must be found somewhere', function () {
    expect(found('split marmalade'))->toBe([]);
});
