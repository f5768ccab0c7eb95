<?php

declare(strict_types=1);

use Symfony\Component\Yaml\Yaml;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\FindingKind;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\LoadingFindings;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Tests\World;

function keyFile(Application $application, string $bytes): KeyFile
{
    return World::dialects()->for($application)->read($bytes, $application);
}

function written(Application $application, string $bytes, Bindings $wanted): string
{
    return (new KeyFileWriter(World::dialects()->for($application)))->write(keyFile($application, $bytes), $wanted);
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
    foreach (World::applicationsAndDesktop() as $id => $application) {
        foreach ([...glob(__DIR__."/fixtures/{$id}/good/*") ?: [], ...glob(World::path("catalogues/{$id}/factory.*")) ?: []] as $path) {
            yield "{$id} ".basename($path) => [$application, fn (): string => (string) file_get_contents($path)];
        }
        yield "{$id} 5,000 lines" => [$application, fn (): string => World::longKeyFile($application, 5_000)];
    }
});

test('writing back what was read gives the same bytes', function (Application $application, Closure $bytes) {
    $file = keyFile($application, $bytes());
    expect($file->entries)
        ->not->toBe([])
        ->and(written($application, $bytes(), $file->bindings()) === $bytes())
        ->toBeTrue();
})->with('fixtures');

test('what is written reads back as what was wanted, whatever is taken out, moved and put in', function (
    Application $application,
    Closure $bytes,
) {
    mt_srand(7);
    [$one, $other] = [$application->commands()[0], $application->commands()[count($application->commands()) - 1]];
    $file = keyFile($application, $bytes());
    for ($round = 0; $round < 12; $round++) {
        $all = $file->bindings()->all();
        $wanted = $file
            ->bindings()
            ->minus($all[mt_rand(0, count($all) - 1)], $all[mt_rand(0, count($all) - 1)])
            ->plus(
                new Binding(Chord::of(Key::F13, Modifier::Shift), $one->id, $one->home),
                new Binding(Chord::of(Key::F14), $other->id, $other->home),
            );
        $again = keyFile($application, written($application, $bytes(), $wanted))->bindings();
        expect(Change::between($again, $wanted)->isEmpty())->toBeTrue();
    }
})->with('fixtures');

test('adding a binding and removing it again gives the first bytes back, but for a line end after the last line', function (
    Application $application,
    Closure $bytes,
) {
    $file = keyFile($application, $bytes());
    $first = $file->entries[0]->binding;
    $new = new Binding(Chord::of(Key::F15), $first->command, $first->context);
    $with = written($application, $bytes(), $file->bindings()->plus($new));
    expect($with)
        ->not->toBe($bytes())
        ->and(rtrim(written($application, $with, keyFile($application, $with)->bindings()->minus($new))) === rtrim($bytes()))
        ->toBeTrue();
})->with('fixtures');

test('every chord is spelled and read back by each dialect', function (string $id) {
    $application = World::applicationsAndDesktop()[$id];
    $command = $application->commands()[0];
    $seat = World::seat(System::Linux);
    $all = [];
    foreach ($seat->board->keys() as $placed) {
        foreach (
            $placed->key->modifier() === null
                ? [[], [Modifier::Shift], [Modifier::Primary, Modifier::Control, Modifier::Alt, Modifier::Meta]]
                : [] as $held
        ) {
            foreach ($application->tellsHold ? Gesture::cases() : [Gesture::Tap] as $gesture) {
                $all[] = new Binding(
                    $application->naming->write(Chord::of($placed->key, ...$held), $seat),
                    $command->id,
                    $command->home,
                    $gesture,
                );
            }
        }
    }
    $dialect = World::dialects()->for($application);
    $again = keyFile($application, written($application, $dialect->blank(), Bindings::of(...$all)));
    expect($again->findings)
        ->toBe([])
        ->and($again->bindings()->ids())
        ->toBe(Bindings::of(...$all)->ids());
})->with(array_keys(World::applicationsAndDesktop()));

test('a file without a place for the gesture does not take a hold, and one that names characters takes no key by position', function () {
    $hold = new Binding(Chord::of(Key::F5), 'undo', 'everywhere', Gesture::Hold);
    foreach (World::applicationsAndDesktop() as $id => $application) {
        $spell = fn (): string => World::dialects()->for($application)->spell($hold);
        $id === 'boardwick' ? expect($spell())->toBe('F5') : expect($spell)->toThrow(UnreadableChord::class, 'taps only');
    }
    $rotomere = World::dialects()->for(World::application('rotomere'));
    $cutloom = World::dialects()->for(World::cutloom());
    expect(fn () => $rotomere->spell(new Binding(Chord::of(Key::KeyA), 'undo', 'everywhere')))
        ->toThrow(UnreadableChord::class, 'by what they type')
        ->and($rotomere->spell(new Binding(Chord::parse("Primary+'\"'"), 'undo', 'everywhere')))
        ->toBe('"primary \\""')
        ->and(fn () => $cutloom->spell(new Binding(Chord::parse("'é'"), 'undo', 'everywhere')))
        ->toThrow(UnreadableChord::class, 'by where they are');
});

// PHP's own reader of JSON, its reader of CSV, and Symfony's of YAML are the outside: none of them is used by the dialects.
test('what is written is JSON, YAML and CSV to readers made elsewhere, whatever is taken out and put in', function (
    string $id,
    Closure $rows,
) {
    $application = World::applicationsAndDesktop()[$id];
    foreach ([...glob(__DIR__."/fixtures/{$id}/good/*") ?: [], ...glob(World::path("catalogues/{$id}/factory.*")) ?: []] as $path) {
        $bytes = (string) file_get_contents($path);
        $all = keyFile($application, $bytes)->bindings()->all();
        $last = $application->commands()[count($application->commands()) - 1];
        foreach ([[], [0], [count($all) - 1], array_keys($all), range(0, intdiv(count($all), 2))] as $gone) {
            foreach ([[], [new Binding(Chord::of(Key::F13), $last->id, $last->home)]] as $new) {
                $wanted = Bindings::of(...$all)
                    ->minus(...array_map(static fn (int $index): Binding => $all[$index], $gone))
                    ->plus(...$new);
                $after = written($application, $bytes, $wanted);
                $read = array_filter($rows($after), static fn (string $row): bool => $application->contexts->has(explode(' ', $row)[0]));
                $expected = [];
                foreach ($wanted as $one) {
                    // Of equal names in one object every reader keeps the last.
                    $expected["{$one->context} {$one->chord->id()} {$one->gesture->value}"] =
                        "{$one->context} ".($id === 'desktop' ? DesktopCatalogue::title($one->command) : $one->command);
                }
                expect(array_values(array_unique(array_diff($expected, $read))))->toBe([], "{$path}: {$after}");
            }
        }
    }
})->with([
    'gradewell' => ['gradewell', fn (string $bytes): array => rowsOfMaps($bytes, 'maps')],
    'desktop' => ['desktop', fn (string $bytes): array => rowsOfMaps($bytes, 'titles')],
    'rotomere' => [
        'rotomere',
        function (string $bytes): array {
            $rows = [];
            foreach (Yaml::parse((string) preg_replace('/^---\n/', '', $bytes))['areas'] ?? [] as $area => $lines) {
                foreach ($lines ?? [] as $line) {
                    $rows[] = $area.' '.array_values($line)[0];
                }
            }

            return $rows;
        },
    ],
    'boardwick' => [
        'boardwick',
        function (string $bytes): array {
            $stream = fopen('php://memory', 'w+');
            fwrite($stream, $bytes);
            rewind($stream);
            $rows = [];
            while (($record = fgetcsv($stream, null, ',', '"', '')) !== false) {
                $rows[] = ($record[0] ?? '').' '.($record[3] ?? '');
            }

            return $rows;
        },
    ],
]);

/** @return list<string> context and command of each member */
function rowsOfMaps(string $bytes, string $root): array
{
    $rows = [];
    foreach (
        json_decode((string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes), true, 64, JSON_THROW_ON_ERROR)[$root] as $context => $map
    ) {
        foreach ($map as $command) {
            $rows[] = "{$context} {$command}";
        }
    }

    return $rows;
}

test('a new chord is written over the old one and leaves the rest of the line', function () {
    $bytes = World::bytes('core/tests/Dialect/fixtures/cutloom/good/unknown-parts.xml');
    $split = World::bindings('timeline KeyC split-at-playhead')->all()[0];
    $wanted = keyFile(World::cutloom(), $bytes)->bindings()->minus($split)->plus($split->at(Chord::parse('Primary+KeyB')));
    expect(changedLines($bytes, written(World::cutloom(), $bytes, $wanted)))->toBe([
        '- <press  colour="amber" keys = \'C\' run="split-at-playhead" /> <!-- my favourite -->',
        '+ <press  colour="amber" keys = \'Primary B\' run="split-at-playhead" /> <!-- my favourite -->',
    ]);
});

test('a changed binding changes its own line, and a new one takes a line of its own', function (
    string $id,
    string $context,
    string $command,
    array $changed,
    array $added,
) {
    $application = World::application($id);
    $bytes = World::factoryBytes($id);
    $all = keyFile($application, $bytes)->bindings();
    $old = array_values(
        array_filter($all->all(), static fn (Binding $one): bool => $one->command === $command && $one->context === $context),
    )[0];
    $again = written($application, $bytes, $all->minus($old)->plus($old->at(Chord::parse('Primary+F9'))));
    expect(changedLines($bytes, $again))
        ->toBe($changed)
        ->and(changedLines($bytes, written($application, $bytes, $all->plus(new Binding(Chord::parse('F9'), $command, $context)))))
        ->toBe($added);
})->with([
    'sections' => ['easeframe', 'canvas', 'pen', ['- pen = alt+shift+p', '+ pen = primary+f9'], ['+ pen = f9']],
    'JSON' => [
        'gradewell',
        'nodes',
        'node-before',
        ['- "shift/tab": "node-before",', '+ "primary/f9": "node-before",'],
        ['- "shift/z": "tidy-up-nodes"', '+ "shift/z": "tidy-up-nodes",', '+ "f9": "node-before"'],
    ],
    'YAML' => ['rotomere', 'draw', 'new-box', ['- - "alt #": new-box', '+ - "primary f9": new-box'], ['+ - "f9": new-box']],
    'CSV' => [
        'boardwick',
        'sheet',
        'new-panel',
        ['- sheet,Q,tap,new-panel', '+ sheet,Primary-F9,tap,new-panel'],
        ['+ sheet,F9,tap,new-panel'],
    ],
]);

test('a chord is spelled in the way of its application', function (string $id, string $chord, string $spelled) {
    $dialect = World::dialects()->for(World::applicationsAndDesktop()[$id]);
    expect($dialect->spell(new Binding(Chord::parse($chord), 'undo', 'everywhere')))->toBe($spelled);
})->with([
    ['cutloom', 'Primary+Alt+Shift+Numpad7', 'Primary Option Shift Pad7'],
    ['faderloft', 'Primary+Shift+ArrowLeft', "ps\tleft"],
    ['easeframe', 'Control+Alt+BracketLeft', 'control+alt+bracketleft'],
    ['gradewell', 'Primary+Slash', '"primary/slash"'],
    ['rotomere', "Primary+'+'", '"primary +"'],
    ['rotomere', 'Shift+NumpadAdd', '"shift pad-add"'],
    ['boardwick', 'Shift+Minus', 'Shift-Hyphen'],
    ['desktop', 'Primary+Alt+Digit1', '"Primary Alt 1"'],
]);

test('a table line keeps its further columns when its chord changes', function () {
    $bytes = World::bytes('core/tests/Dialect/fixtures/faderloft/good/further-columns.tsv');
    $divide = World::bindings('tracks KeyV divide-at-cursor')->all()[0];
    $wanted = keyFile(World::faderloft(), $bytes)->bindings()->minus($divide)->plus($divide->at(Chord::parse('Shift+KeyC')));
    expect(changedLines($bytes, written(World::faderloft(), $bytes, $wanted)))->toBe([
        "- tracks\t-\tv\tdivide-at-cursor\tmine\t2026",
        "+ tracks\ts\tc\tdivide-at-cursor\tmine\t2026",
    ]);
});

test('the report names each line that was not understood', function (string $id, string $fixture, array $expected) {
    $file = keyFile(World::applicationsAndDesktop()[$id], World::bytes("core/tests/Dialect/fixtures/{$id}/good/{$fixture}"));
    expect(array_map(static fn ($one): string => "{$one->line} {$one->kind->value}", $file->findings))->toBe($expected);
})->with([
    [
        'cutloom',
        'unknown-parts.xml',
        [
            '5 preserved',
            '6 unknown-command',
            '7 not-understood',
            '8 not-understood',
            '9 not-understood',
            '11 not-understood',
            '12 not-understood',
            '14 not-understood',
        ],
    ],
    [
        'easeframe',
        'odd-lines.keys',
        ['8 not-understood', '9 not-understood', '10 unknown-command', '11 not-understood', '12 not-understood'],
    ],
    ['gradewell', 'odd-members.json', ['2 preserved', '6 not-understood', '7 not-understood', '9 unknown-command', '11 not-understood']],
    [
        'rotomere',
        'odd-lines.yaml',
        ['8 not-understood', '9 not-understood', '10 not-understood', '11 not-understood', '14 unknown-command'],
    ],
    [
        'boardwick',
        'odd-records.csv',
        ['5 not-understood', '6 not-understood', '7 not-understood', '8 unknown-command', '9 not-understood'],
    ],
    ['desktop', 'some.json', ['5 unknown-command', '9 preserved']],
    [
        'faderloft',
        'not-understood.tsv',
        ['3 not-understood', '4 not-understood', '5 unknown-command', '6 not-understood', '7 not-understood'],
    ],
]);

test('lines that the application would not obey are found by its own loading rule', function () {
    $cutloom = keyFile(World::cutloom(), World::bytes('core/tests/Dialect/fixtures/cutloom/good/refused-double.xml'));
    $faderloft = keyFile(World::faderloft(), World::bytes('core/tests/Dialect/fixtures/faderloft/good/dead-line.tsv'));
    $refused = LoadingFindings::of($cutloom, World::cutloom());
    $dead = LoadingFindings::of($faderloft, World::faderloft());
    expect($refused)
        ->toHaveCount(1)
        ->and($refused[0]->kind)
        ->toBe(FindingKind::Refused)
        ->and($refused[0]->line)
        ->toBe(5)
        ->and($refused[0]->sentence)
        ->toContain('line 4')
        ->and($dead)
        ->toHaveCount(1)
        ->and($dead[0]->kind)
        ->toBe(FindingKind::Dead)
        ->and($dead[0]->line)
        ->toBe(4)
        ->and($dead[0]->sentence)
        ->toContain('line 2');
    $easeframe = LoadingFindings::of(
        keyFile(World::application('easeframe'), World::bytes('core/tests/Dialect/fixtures/easeframe/good/dead-line.keys')),
        World::application('easeframe'),
    );
    $gradewell = LoadingFindings::of(
        keyFile(World::application('gradewell'), World::bytes('core/tests/Dialect/fixtures/gradewell/good/odd-members.json')),
        World::application('gradewell'),
    );
    expect($easeframe)
        ->toHaveCount(1)
        ->and($easeframe[0]->line)
        ->toBe(2)
        ->and($easeframe[0]->sentence)
        ->toContain('Undone by line 4')
        ->and($gradewell)
        ->toHaveCount(1)
        ->and($gradewell[0]->line)
        ->toBe(13)
        ->and($gradewell[0]->sentence)
        ->toContain('Undone by line 14');
});

test('what is not a key file is refused with the place and the reason', function (
    string $id,
    string $bytes,
    string $says,
    ?string $where,
) {
    try {
        keyFile(World::applicationsAndDesktop()[$id], $bytes);
        $this->fail('It was read.');
    } catch (UnreadableKeyFile $error) {
        expect($error->getMessage())->toContain($says)->and($error->where)->toBe($where);
    }
})->with([
    'empty' => ['cutloom', "  \n", 'empty', null],
    'not XML' => ['cutloom', 'These are my keys.', 'line 1', 'line 1'],
    'cut-off XML' => ['cutloom', "<cutloom-keys>\n<focus on=\"trim\">\n<press keys=\"Q\"", 'line 3', 'line 3'],
    'an element left open' => ['cutloom', "<cutloom-keys>\n<focus on=\"trim\">\n</cutloom-keys>", 'line 3', 'line 3'],
    'an entity bomb' => [
        'cutloom',
        "<?xml version=\"1.0\"?>\n<!DOCTYPE a [<!ENTITY b \"bbbb\"><!ENTITY c \"&b;&b;&b;\">]>\n<cutloom-keys>&c;</cutloom-keys>",
        'document type',
        'line 2',
    ],
    'an entity nobody declared' => ['cutloom', "<cutloom-keys>\n&c;</cutloom-keys>", 'line 2', 'line 2'],
    'another XML file' => ['cutloom', '<html></html>', '<html>', 'line 1'],
    'UTF-16 with a mark' => ['cutloom', "\xFF\xFE".mb_convert_encoding('<cutloom-keys/>', 'UTF-16LE'), 'UTF-16', 'line 1'],
    'UTF-16 without a mark' => ['faderloft', mb_convert_encoding("area\thold", 'UTF-16LE'), 'UTF-16', 'line 1'],
    'another encoding declared' => [
        'cutloom',
        '<?xml version="1.0" encoding="ISO-8859-1"?><cutloom-keys></cutloom-keys>',
        'ISO-8859-1',
        'line 1',
    ],
    'bytes that are not UTF-8' => ['faderloft', "area\thold\tkey\taction\ntracks\t-\tv\t\xE9", 'not UTF-8', 'line 2'],
    'sections that begin with none' => ['easeframe', "undo = primary+z\n[everywhere]", 'section', 'line 1'],
    'JSON that breaks off' => ['gradewell', "{\"maps\": {\n\"nodes\": {\"n\": \"undo\"\n", 'line 3', 'line 3'],
    'JSON with a comma too many' => ['gradewell', "{\"maps\": {\n\"nodes\": {\"n\": \"undo\",}\n}}", 'line 2', 'line 2'],
    'JSON nested beyond reason' => ['gradewell', str_repeat('[', 100_000), 'nested', 'line 1'],
    'JSON of something else' => ['gradewell', '[1, 2]', 'maps', 'line 1'],
    'YAML of something else' => ['rotomere', "name: me\n", 'areas:', 'line 1'],
    'a quoted field left open' => ['boardwick', "where,keys,gesture,runs\neasel,\"P,tap,pencil\n", 'line 2', 'line 2'],
    'a table without its header' => ['faderloft', "tracks\t-\tv\tdivide-at-cursor", 'header', 'line 1'],
    'a 50 MB file' => ['faderloft', str_repeat("tracks\t-\tv\tdivide-at-cursor\n", 1_900_000), '8 MB', null],
]);
