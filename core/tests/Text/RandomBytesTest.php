<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Keyboard\ChordReader;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Preset\Release;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Tests\Dialect\Mutation;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Text\Csv\CsvReader;
use Zebrafinch\Core\Text\Json\JsonScanner;
use Zebrafinch\Core\Text\Xml\XmlScanner;
use Zebrafinch\Core\Usage\UsageLog;

/** Arbitrary bytes, arbitrary structure, and a good file in which something was cut, doubled or overwritten. */
function damaged(string $good, int $number): string
{
    mt_srand($number);
    $noise = static fn (int $length): string => implode('', array_map(static fn (): string => chr(mt_rand(0, 255)), range(1, $length)));
    $structure = static fn (int $length): string => implode(
        '',
        array_map(static fn (): string => Mutation::SIGNS[mt_rand(0, count(Mutation::SIGNS) - 1)], range(1, $length)),
    );
    $from = mt_rand(0, max(0, strlen($good) - 1));

    return match ($number % 6) {
        0 => $noise(mt_rand(1, 200)),
        1 => $structure(mt_rand(1, 120)),
        2 => substr($good, 0, $from),
        3 => substr_replace($good, $structure(mt_rand(1, 4)), $from, mt_rand(0, 20)),
        4 => substr_replace($good, $noise(1), $from, 1),
        default => substr_replace($good, substr($good, $from, mt_rand(1, 400)), mt_rand(0, strlen($good)), 0),
    };
}

/** A factory key file; the desktop comes without one. */
function goodKeyFile(string $id): string
{
    return $id === DesktopCatalogue::ID ? World::bytes('core/tests/Dialect/fixtures/desktop/good/some.json') : World::factoryBytes($id);
}

dataset('readers', function () {
    $csv = "day,application,command,key,mouse\n2026-03-02,cutloom,lift,41,3\n2026-03-02,cutloom,\"a, \"\"b\"\"\",1,0\n";
    $preset =
        '{"format": "zebrafinch-preset/1", "keymaps": {"cutloom": '.
        '[{"chord": "KeyK", "command": "stop", "context": "bin", "gesture": "tap"}]}}';
    yield 'the JSON scanner' => [$preset, static fn (string $bytes): array => iterator_to_array(JsonScanner::tokens($bytes), false)];
    yield 'the CSV scanner' => [$csv, static fn (string $bytes): array => iterator_to_array(CsvReader::of($bytes))];
    yield 'the XML scanner' => [
        fn (): string => World::factoryBytes('cutloom'),
        static fn (string $bytes): array => iterator_to_array(XmlScanner::tokens($bytes), false),
    ];
    yield 'usage logs' => [$csv, UsageLog::fromCsv(...)];
    yield 'presets' => [$preset, Release::fromJson(...)];
    yield 'spelled chords' => [
        'Ctrl+Shift+Numpad 7',
        static fn (string $text) => (new ChordReader(World::layout('german'), System::Windows))->read($text),
    ];
});

test('whatever bytes come, they are read or refused with what, where and what to do', function (string|Closure $good, Closure $read) {
    $refused = 0;
    $good = is_string($good) ? $good : $good();
    for ($number = 0; $number < 600; $number++) {
        try {
            $read(damaged($good, $number));
        } catch (Refusal $refusal) {
            $refused++;
            expect($refusal->getMessage())->not->toBe('')->and($refusal->remedy)->not->toBe('')->and($refusal->kind())->not->toBe('');
        }
    }
    expect($refused)->toBeGreaterThan(0)->toBeLessThan(600);
})->with('readers');

test('a key file that can be read at all is written back byte for byte, however damaged', function (string $id) {
    $application = World::applicationsAndDesktop()[$id];
    $dialect = World::dialects()->for($application);
    $good = goodKeyFile($id);
    $read = 0;
    for ($number = 0; $number < 300; $number++) {
        $bytes = damaged($good, $number);
        try {
            $file = $dialect->read($bytes, $application);
        } catch (Refusal $refusal) {
            expect($refusal->remedy)->not->toBe('');

            continue;
        }
        $read++;
        expect((new KeyFileWriter($dialect))->write($file, $file->bindings()) === $bytes)->toBeTrue("number {$number}");
        foreach ([...$file->entries, ...$file->findings] as $part) {
            expect($part->line)->toBeGreaterThan(0);
        }
    }
    expect($read)->toBeGreaterThan(0);
})->with([...World::applicationIds(), DesktopCatalogue::ID]);

test('it is recognised whose a file is, or not, but never is anything else wrong with it', function () {
    $applications = array_map(World::application(...), World::applicationIds());
    $recognised = 0;
    for ($number = 0; $number < 120; $number++) {
        $bytes = damaged(World::factoryBytes($applications[$number % count($applications)]->id), $number);
        $recognised += World::dialects()->recognise($bytes, $applications) instanceof Application ? 1 : 0;
    }
    expect($recognised)->toBeGreaterThan(0)->toBeLessThan(120);
});
