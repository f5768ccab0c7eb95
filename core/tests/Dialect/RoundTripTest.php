<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Dialects;
use Zebrafinch\Core\Dialect\FindingKind;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\LoadingFindings;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Tests\World;

function keyFile(Application $application, string $bytes): KeyFile
{
    return Dialects::standard()->for($application)->read($bytes, $application);
}

function written(Application $application, string $bytes, Bindings $wanted): string
{
    return (new KeyFileWriter(Dialects::standard()->for($application)))->write(keyFile($application, $bytes), $wanted);
}

/** @return list<string> the lines that one text has and the other lacks, marked with - and + */
function changedLines(string $before, string $after): array
{
    [$old, $new] = [explode("\n", $before), explode("\n", $after)];

    return [
        ...array_map(static fn (string $line): string => '- '.trim($line), array_values(array_diff($old, $new))),
        ...array_map(static fn (string $line): string => '+ '.trim($line), array_values(array_diff($new, $old))),
    ];
}

dataset('fixtures', function () {
    foreach (['cutloom' => '*.xml', 'faderloft' => '*.tsv'] as $id => $pattern) {
        foreach ([...glob(__DIR__."/fixtures/{$id}/good/{$pattern}") ?: [], World::path("catalogues/{$id}/factory.".substr($pattern, 2))] as $path) {
            yield "{$id} ".basename($path) => [$id, fn (): string => (string) file_get_contents($path)];
        }
        yield "{$id} 5,000 lines" => [$id, fn (): string => World::longKeyFile(World::{$id}(), 5_000)];
    }
});

test('writing back what was read gives the same bytes', function (string $id, Closure $bytes) {
    $application = World::{$id}();
    $file = keyFile($application, $bytes());
    expect($file->entries)->not->toBe([])
        ->and(written($application, $bytes(), $file->bindings()) === $bytes())->toBeTrue();
})->with('fixtures');

test('what is written reads back as what was wanted, whatever is taken out, moved and put in', function (string $id, Closure $bytes) {
    mt_srand(7);
    $application = World::{$id}();
    $file = keyFile($application, $bytes());
    for ($round = 0; $round < 12; $round++) {
        $all = $file->bindings()->all();
        $wanted = $file->bindings()
            ->minus($all[mt_rand(0, count($all) - 1)], $all[mt_rand(0, count($all) - 1)])
            ->plus(new Binding(Chord::of(Key::F13, Modifier::Shift), 'undo', 'everywhere'), new Binding(Chord::of(Key::F14), 'redo', $id === 'cutloom' ? 'trim' : 'clip'));
        $again = keyFile($application, written($application, $bytes(), $wanted))->bindings();
        expect(Change::between($again, $wanted)->isEmpty())->toBeTrue();
    }
})->with('fixtures');

test('adding a binding and removing it again gives the first bytes back, but for a line end after the last line', function (string $id, Closure $bytes) {
    $application = World::{$id}();
    $file = keyFile($application, $bytes());
    $new = new Binding(Chord::of(Key::F15), 'undo', $file->entries[0]->binding->context);
    $with = written($application, $bytes(), $file->bindings()->plus($new));
    expect($with)->not->toBe($bytes())
        ->and(rtrim(written($application, $with, keyFile($application, $with)->bindings()->minus($new))) === rtrim($bytes()))->toBeTrue();
})->with('fixtures');

test('every chord is spelled and read back by both dialects', function (string $id) {
    $application = World::{$id}();
    $all = [];
    foreach (World::board()->keys() as $placed) {
        foreach ($placed->key->modifier() === null ? [[], [Modifier::Shift], [Modifier::Primary, Modifier::Control, Modifier::Alt, Modifier::Meta]] : [] as $held) {
            $all[] = new Binding(Chord::of($placed->key, ...$held), 'undo', 'everywhere');
        }
    }
    $dialect = Dialects::standard()->for($application);
    $again = keyFile($application, written($application, $dialect->blank($application), Bindings::of(...$all)));
    expect($again->findings)->toBe([])->and($again->bindings()->ids())->toBe(Bindings::of(...$all)->ids());
})->with(['cutloom', 'faderloft']);

test('a new chord is written over the old one and leaves the rest of the line', function () {
    $bytes = World::bytes('core/tests/Dialect/fixtures/cutloom/good/unknown-parts.xml');
    $split = World::bindings('timeline KeyC split-at-playhead')->all()[0];
    $wanted = keyFile(World::cutloom(), $bytes)->bindings()->minus($split)->plus($split->at(Chord::parse('Primary+KeyB')));
    expect(changedLines($bytes, written(World::cutloom(), $bytes, $wanted)))->toBe([
        '- <press  colour="amber" keys = \'C\' run="split-at-playhead" /> <!-- my favourite -->',
        '+ <press  colour="amber" keys = \'Primary B\' run="split-at-playhead" /> <!-- my favourite -->',
    ]);
});

test('a table line keeps its further columns when its chord changes', function () {
    $bytes = World::bytes('core/tests/Dialect/fixtures/faderloft/good/further-columns.tsv');
    $divide = World::bindings('tracks KeyV divide-at-cursor')->all()[0];
    $wanted = keyFile(World::faderloft(), $bytes)->bindings()->minus($divide)->plus($divide->at(Chord::parse('Shift+KeyC')));
    expect(changedLines($bytes, written(World::faderloft(), $bytes, $wanted)))->toBe([
        "- tracks\t-\tv\tdivide-at-cursor\tmine\t2026", "+ tracks\ts\tc\tdivide-at-cursor\tmine\t2026",
    ]);
});

test('the report names each line that was not understood', function (string $id, string $fixture, array $expected) {
    $file = keyFile(World::{$id}(), World::bytes("core/tests/Dialect/fixtures/{$id}/good/{$fixture}"));
    expect(array_map(static fn ($one): string => "{$one->line} {$one->kind->value}", $file->findings))->toBe($expected);
})->with([
    ['cutloom', 'unknown-parts.xml', ['5 kept', '6 unknown-command', '7 not-understood', '8 not-understood', '9 not-understood', '11 not-understood', '12 not-understood', '14 not-understood']],
    ['faderloft', 'not-understood.tsv', ['3 not-understood', '4 not-understood', '5 unknown-command', '6 not-understood', '7 not-understood']],
]);

test('lines that the application would not obey are found by its own loading rule', function () {
    $cutloom = keyFile(World::cutloom(), World::bytes('core/tests/Dialect/fixtures/cutloom/good/refused-double.xml'));
    $faderloft = keyFile(World::faderloft(), World::bytes('core/tests/Dialect/fixtures/faderloft/good/dead-line.tsv'));
    $refused = LoadingFindings::of($cutloom, World::cutloom());
    $dead = LoadingFindings::of($faderloft, World::faderloft());
    expect($refused)->toHaveCount(1)->and($refused[0]->kind)->toBe(FindingKind::Refused)->and($refused[0]->line)->toBe(5)
        ->and($refused[0]->sentence)->toContain('line 4')
        ->and($dead)->toHaveCount(1)->and($dead[0]->kind)->toBe(FindingKind::Dead)->and($dead[0]->line)->toBe(4)
        ->and($dead[0]->sentence)->toContain('line 2');
});

test('what is not a key file is refused with the place and the reason', function (string $id, string $bytes, string $says, ?string $place) {
    try {
        keyFile(World::{$id}(), $bytes);
        $this->fail('It was read.');
    } catch (UnreadableKeyFile $error) {
        expect($error->getMessage())->toContain($says)->and($error->place)->toBe($place);
    }
})->with([
    'empty' => ['cutloom', "  \n", 'empty', null],
    'not XML' => ['cutloom', 'These are my keys.', 'line 1', 'line 1'],
    'cut-off XML' => ['cutloom', "<cutloom-keys>\n<focus on=\"trim\">\n<press keys=\"Q\"", 'line 3', 'line 3'],
    'an element left open' => ['cutloom', "<cutloom-keys>\n<focus on=\"trim\">\n</cutloom-keys>", 'line 3', 'line 3'],
    'an entity bomb' => ['cutloom', "<?xml version=\"1.0\"?>\n<!DOCTYPE a [<!ENTITY b \"bbbb\"><!ENTITY c \"&b;&b;&b;\">]>\n<cutloom-keys>&c;</cutloom-keys>", 'document type', 'line 2'],
    'an entity nobody declared' => ['cutloom', "<cutloom-keys>\n&c;</cutloom-keys>", 'line 2', 'line 2'],
    'another XML file' => ['cutloom', '<html></html>', '<html>', 'line 1'],
    'UTF-16 with a mark' => ['cutloom', "\xFF\xFE".mb_convert_encoding('<cutloom-keys/>', 'UTF-16LE'), 'UTF-16', 'line 1'],
    'UTF-16 without a mark' => ['faderloft', mb_convert_encoding("area\thold", 'UTF-16LE'), 'UTF-16', 'line 1'],
    'another encoding declared' => ['cutloom', '<?xml version="1.0" encoding="ISO-8859-1"?><cutloom-keys></cutloom-keys>', 'ISO-8859-1', 'line 1'],
    'bytes that are not UTF-8' => ['faderloft', "area\thold\tkey\taction\ntracks\t-\tv\t\xE9", 'not UTF-8', 'line 2'],
    'a table without its header' => ['faderloft', "tracks\t-\tv\tdivide-at-cursor", 'header', 'line 1'],
    'a 50 MB file' => ['faderloft', str_repeat("tracks\t-\tv\tdivide-at-cursor\n", 1_900_000), '8 MB', null],
]);
