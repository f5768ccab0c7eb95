<?php

declare(strict_types=1);

use Zebrafinch\Core\Preset\BrokenArchive;
use Zebrafinch\Core\Preset\Manifest;

const PAPER = ['release.json' => '{"a":1}', 'files/cutloom.xml' => '<keys/>'];

/** @param  array<string, mixed>  $instead  members of the manifest that are otherwise */
function manifestText(array $instead = []): string
{
    $data = json_decode(Manifest::of(['name' => 'House'], PAPER)->toJson(), true, 16, JSON_THROW_ON_ERROR);

    return json_encode([...$data, ...$instead], JSON_THROW_ON_ERROR);
}

test('a manifest says the size and the digest of every file, and comes back from its text as it was', function () {
    $manifest = Manifest::of(['name' => 'House'], PAPER);
    // Source of the digest: `printf '<keys/>' | sha256sum` (GNU coreutils).
    expect($manifest->files['files/cutloom.xml'])
        ->toBe(['bytes' => 7, 'sha256' => hash('sha256', '<keys/>')])
        ->and(Manifest::fromJson($manifest->toJson()))
        ->toEqual($manifest)
        ->and(array_keys($manifest->files))
        ->toBe(['files/cutloom.xml', 'release.json']);
});

test('files that are as it says are taken, and further ones are no fault', function () {
    $manifest = Manifest::fromJson(manifestText());
    $manifest->check(PAPER);
    $manifest->check([...PAPER, 'notes.txt' => 'by hand']);
    expect(true)->toBeTrue();
});

test('a file that is missing, longer, or other than it says is refused by name', function (array $files, string $path) {
    expect(fn () => Manifest::fromJson(manifestText())->check($files))->toThrow(BrokenArchive::class, $path);
})->with([
    'missing' => [['release.json' => '{"a":1}'], 'files/cutloom.xml'],
    'another text of the same length' => [['files/cutloom.xml' => '<kays/>'] + PAPER, 'files/cutloom.xml'],
    'longer' => [['files/cutloom.xml' => '<keys/> '] + PAPER, 'files/cutloom.xml'],
]);

test('what is no manifest is refused', function (string $text) {
    expect(fn () => Manifest::fromJson($text))->toThrow(BrokenArchive::class);
})->with([
    'no JSON' => 'manifest',
    'a number' => '7',
    'another format' => fn () => manifestText(['format' => 'zebrafinch-archive/2']),
    'no list of files' => fn () => manifestText(['files' => 'all']),
    'a file that is a text' => fn () => manifestText(['files' => ['a' => 'b']]),
    'a file without a size' => fn () => manifestText(['files' => ['a' => ['sha256' => 'ff']]]),
    'a size that is a text' => fn () => manifestText(['files' => ['a' => ['bytes' => '7', 'sha256' => 'ff']]]),
    'a file without a digest' => fn () => manifestText(['files' => ['a' => ['bytes' => 7]]]),
]);

test('as many and as large files as may be in an archive pass, one more or one byte more does not', function () {
    $many = array_fill_keys(array_map(static fn (int $one): string => "f{$one}", range(1, Manifest::MOST_FILES)), 1);
    Manifest::checkBounds($many);
    Manifest::checkBounds(['a' => Manifest::MOST_BYTES]);
    Manifest::checkBounds(array_fill_keys(range('a', 'h'), Manifest::MOST_BYTES));
    expect(fn () => Manifest::checkBounds($many + ['one-more' => 1]))
        ->toThrow(BrokenArchive::class)
        ->and(fn () => Manifest::checkBounds(['a' => Manifest::MOST_BYTES + 1]))
        ->toThrow(BrokenArchive::class)
        ->and(fn () => Manifest::checkBounds(array_fill_keys(range('a', 'h'), Manifest::MOST_BYTES) + ['i' => 1]))
        ->toThrow(BrokenArchive::class);
});

test('a path that leaves the archive is refused', function (string $path) {
    expect(fn () => Manifest::checkBounds([$path => 1]))->toThrow(BrokenArchive::class);
})->with(['', '/etc/passwd', '../up', 'a/../../up', 'a\\b', "a\0b"]);
