<?php

declare(strict_types=1);

use Zebrafinch\Core\Intent\Found;
use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Intent\SearchIndex;
use Zebrafinch\Core\Intent\WordMatcher;
use Zebrafinch\Core\Tests\World;

function searchOfTheWorld(): Search
{
    static $search = null;

    return $search ??= new Search(SearchIndex::of([World::cutloom(), World::faderloft()], World::vocabulary()));
}

function searchOfTheHouse(): Search
{
    static $search = null;

    return $search ??= new Search(
        SearchIndex::of(array_values(array_diff_key(World::applicationsAndDesktop(), ['desktop' => 0])), World::vocabulary()),
    );
}

/** @return list<list<string>> answers, each as its commands `application command` */
function found(string $typed, int $most = 3, ?Search $search = null): array
{
    return array_map(
        static fn (Found $one): array => array_map(
            static fn (array $command): string => "{$command['application']} {$command['command']}",
            $one->commands,
        ),
        ($search ?? searchOfTheWorld())->find($typed, $most),
    );
}

/** @return list<array{string, string}> query and wanted command */
function queries(string $file = 'queries.tsv'): array
{
    $lines = array_filter(
        explode("\n", World::bytes("core/tests/Intent/{$file}")),
        static fn (string $line): bool => $line !== '' && $line[0] !== '#',
    );

    return array_map(static function (string $line): array {
        [$query, $application, $command] = explode("\t", $line);

        return [$query, "{$application} {$command}"];
    }, array_values($lines));
}

test('the wanted command is among the first three answers for nine of ten queries', function () {
    $missed = array_filter(queries(), static fn (array $query): bool => ! in_array($query[1], array_merge([], ...found($query[0])), true));
    expect(count(queries()))
        ->toBeGreaterThanOrEqual(120)
        ->and(count($missed) / count(queries()))
        ->toBeLessThanOrEqual(0.1, implode('; ', array_map(implode(...), array_fill(0, count($missed), ' → '), $missed)));
});

test('what people say aloud is found among the first three, in all applications of the house', function () {
    $queries = queries('spoken-queries.tsv');
    $missed = array_filter(
        $queries,
        static fn (array $query): bool => ! in_array($query[1], array_merge([], ...found($query[0], 3, searchOfTheHouse())), true),
    );
    $several = array_filter($queries, static fn (array $query): bool => in_array(str_word_count($query[0]), [2, 3, 4], true));
    expect(count($queries))
        ->toBeGreaterThanOrEqual(60)
        ->and(count($several) / count($queries))
        ->toBeGreaterThanOrEqual(0.5)
        ->and(count($missed) / count($queries))
        ->toBeLessThanOrEqual(0.15, implode('; ', array_map(implode(...), array_fill(0, count($missed), ' → '), $missed)));
});

test('answers with all words come before those with some', function () {
    $answers = found('disable one track', 10, searchOfTheHouse());
    $isOfTrack = array_map(static fn (array $commands): bool => in_array('cutloom mute-track', $commands, true), $answers);
    expect($isOfTrack[0])->toBeTrue();
});

test('a small word does not count alone, and tells apart what the others lead to alike', function () {
    $of = static fn (string $typed): array => array_merge(...found($typed, 30, searchOfTheHouse()));
    expect(array_diff($of('the fade'), $of('fade')))
        ->toBe([])
        ->and(found('one frame', 1, searchOfTheHouse())[0])
        ->toContain('cutloom one-frame-forwards');
});

test('the word "out" leads to clearing both marks at once', function () {
    expect(array_merge(...found('out', 2, searchOfTheHouse())))->toContain('cutloom set-out-mark', 'cutloom clear-both-marks');
});

test('the queries are what people type: half of them use words that the command does not have', function () {
    $own = array_filter(queries(), static function (array $query): bool {
        [$application, $command] = explode(' ', $query[1]);
        $name = array_map(WordMatcher::stem(...), WordMatcher::words(World::application($application)->command($command)->name));

        return array_diff(array_map(WordMatcher::stem(...), WordMatcher::sayingWords($query[0])), $name) === [];
    });
    expect(count($own) / count(queries()))->toBeLessThanOrEqual(0.5);
});

test('the commands of one intent are one answer, in every application that has it', function () {
    expect(found('razor')[0])
        ->toEqualCanonicalizing(['cutloom split-at-playhead', 'faderloft divide-at-cursor'])
        ->and(searchOfTheWorld()->find('razor', 1)[0]->intent)
        ->toBe('split');
});

test('a search can be narrowed', function () {
    $only = searchOfTheWorld()->find('razor', 3, static fn (array $entry): bool => $entry['application'] === 'faderloft');
    expect($only[0]->commands)->toBe([['application' => 'faderloft', 'command' => 'divide-at-cursor']]);
});

test('nothing typed and nonsense find nothing', function (string $typed) {
    expect(found($typed))->toBe([]);
})->with(['', '  – ', 'xyzzyplugh']);

test('a word that leads nowhere weighs against, and hides nothing', function () {
    expect(array_merge(...found('split marmalade')))->toContain('cutloom split-at-playhead');
});

test('an index that was kept finds what a fresh one finds', function () {
    $fresh = SearchIndex::of([World::cutloom()], World::vocabulary());
    $compiled = SearchIndex::fromData(json_decode((string) json_encode($fresh->toData()), true));
    expect((new Search($compiled))->find('fade', 5))->toEqual((new Search($fresh))->find('fade', 5));
});

test('an empty catalogue is searched without fault', function () {
    expect((new Search(SearchIndex::of([], World::vocabulary())))->find('split', 3))->toBe([]);
});

test('words fit by stem, beginning and slip', function (string $typed, string $written, bool $fits) {
    expect((new WordMatcher($typed))->fit($written, WordMatcher::stem($written)) > 0)->toBe($fits);
})->with([
    ['clips', 'clip', true],
    ['cutting', 'cut', true],
    ['norm', 'normalise', true],
    ['spilt', 'split', true],
    ['crosfade', 'crossfade', true],
    ['cut', 'cue', false],
    ['marker', 'market', true],
    ['fade', 'wade', true],
    ['in', 'on', false],
    ['split', 'sprint', false],
]);
