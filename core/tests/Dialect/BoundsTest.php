<?php

declare(strict_types=1);

use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\FindingKind;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Text\TextEncoding;

/** A description with another encoding, of the shipped sections. */
function sectionsIn(string $encoding): Dialect
{
    return Dialect::fromData(['encoding' => $encoding] + World::json('catalogues/easeframe/dialect.json'));
}

test('a file too large for hands is refused at once, whatever it is made of', function (string $id, Closure $bytes) {
    $application = World::application($id);
    $before = memory_get_peak_usage();
    expect(fn () => World::dialects()->for($application)->read($bytes(), $application))->toThrow(UnreadableKeyFile::class);
    expect(memory_get_peak_usage() - $before)->toBeLessThan(128_000_000);
})->with([
    'line ends' => ['easeframe', fn (): string => "[everywhere]\n".str_repeat("\n", 7_900_000)],
    'empty lists' => ['gradewell', fn (): string => '{"maps": {"everywhere": ['.str_repeat('[],', 2_600_000).'[]]}}'],
    'commas' => ['boardwick', fn (): string => "where,keys,gesture,runs\n".str_repeat(',', 7_900_000)],
    'attributes in one tag' => [
        'cutloom',
        fn (): string => '<cutloom-keys '.
            implode(' ', array_map(static fn (int $one): string => "a{$one}=\"\"", range(1, 60_000))).
            '/>',
    ],
    'elements in elements' => ['cutloom', fn (): string => '<cutloom-keys>'.str_repeat('<a>', 2_000_000)],
    'one line more than lines are read' => ['faderloft', fn (): string => "area\thold\tkey\taction\n".str_repeat("#\n", 500_001)],
    'one binding more than bindings are read' => [
        'faderloft',
        fn (): string => "area\thold\tkey\taction\n".str_repeat("everywhere\t-\tk\thalt\n", 100_001),
    ],
]);

test('as many findings are told as somebody can read, and the rest is counted', function () {
    $application = World::faderloft();
    $file = World::dialects()
        ->for($application)
        ->read("area\thold\tkey\taction\n".str_repeat("cellar\t-\tk\thalt\n", 5_000), $application);
    expect($file->findings)->toHaveCount(1_000)->and($file->untold)->toBe(4_000);
});

test('a file is read in the encoding that its description names, and comes out in it', function (string $encoding, string $mark) {
    $application = World::application('easeframe');
    $dialect = sectionsIn($encoding);
    $coding = TextEncoding::from($encoding);
    $text = "{$mark}# déjà vu\r\n[everywhere]\nundo = primary+z\rredo = primary+shift+z # ß\r\n";
    $bytes = (string) $coding->bytes($text);
    $file = $dialect->read($bytes, $application);
    $undo = $file->bindings()->all()[0];
    $after = (new KeyFileWriter($dialect))->write($file, $file->bindings()->minus($undo)->plus($undo->at(Chord::parse('F9'))));
    expect(count($file->entries))
        ->toBe(2)
        ->and((new KeyFileWriter($dialect))->write($file, $file->bindings()))
        ->toBe($bytes)
        ->and($coding->text($after))
        ->toBe(str_replace('undo = primary+z', 'undo = f9', $text));
})->with([['utf-8', ''], ['utf-8', "\u{FEFF}"], ['utf-16le', "\u{FEFF}"], ['utf-16be', "\u{FEFF}"], ['utf-16le', ''], ['latin-1', '']]);

test('a file in another encoding than the described one is refused with both names', function () {
    $application = World::application('easeframe');
    $utf16 = mb_convert_encoding("\u{FEFF}[everywhere]\n", 'UTF-16LE', 'UTF-8');
    expect(fn () => sectionsIn('utf-16be')->read($utf16, $application))
        ->toThrow(UnreadableKeyFile::class, 'UTF-16')
        ->and(fn () => sectionsIn('utf-8')->read("[everywhere]\nundo = \xE9", $application))
        ->toThrow(UnreadableKeyFile::class, 'Line 2');
});

test('of members of one name only the last is live, and the lines of the others say so', function () {
    $application = World::application('gradewell');
    $bytes =
        "{\"maps\": {\n\"everywhere\": {\n\"space\": \"halt\"},\n\"nodes\": {\"n\": \"node-before\"},\n".
        "\"everywhere\": {\n\"k\": \"halt\"}\n}}";
    $file = World::dialects()->for($application)->read($bytes, $application);
    expect(array_map(static fn ($one): string => $one->binding->chord->id(), $file->entries))
        ->toBe(['KeyN', 'KeyK'])
        ->and($file->findings[0]->kind)
        ->toBe(FindingKind::Dead)
        ->and([$file->findings[0]->line, $file->findings[0]->sentence])
        ->toBe([3, 'Never obeyed: "everywhere" begins again in line 5, and only that is obeyed.']);
});

test('nothing is passed over in silence: an empty name, another kind of value, a second beginning', function (string $bytes, int $line) {
    $application = World::application('gradewell');
    $file = World::dialects()->for($application)->read($bytes, $application);
    expect(array_map(static fn ($one): int => $one->line, $file->findings))->toContain($line);
})->with([
    'an empty chord' => ["{\"maps\": {\"nodes\": {\n\"\": \"node-before\"}}}", 2],
    'maps of another kind before the real ones' => ["{\"maps\":\n{\"nodes\": {\"n\": \"node-before\"}},\n\"maps\": {}}", 2],
    'maps of another kind behind them' => ["{\"maps\": {\"nodes\": {}},\n\"maps\": 7}", 2],
    'an object beside the maps' => ["{\"maps\": {\"nodes\": {}},\n\"notes\": {\"n\": \"node-before\"}}", 2],
    'a list where a map belongs' => ["{\"maps\": {\n\"nodes\": [\"n\"]}}", 2],
]);
