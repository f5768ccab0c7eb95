<?php

declare(strict_types=1);

use Zebrafinch\Agent\Tests\TestFolder;

require_once dirname(__DIR__).'/autoload.php';
require_once __DIR__.'/TestFolder.php';

/** @return array{resource, array<int, resource>} a running installation */
function installing(string $path, string $release, ?int $step = null): array
{
    $process = proc_open(
        [PHP_BINARY, __DIR__.'/child.php', $path, $release, ...$step === null ? [] : [(string) $step]],
        [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
        $pipes,
    );

    return [$process, $pipes];
}

function finished(array $installing): string
{
    $said = (string) stream_get_contents($installing[1][1]).stream_get_contents($installing[1][2]);
    proc_close($installing[0]);

    return $said;
}

test('killed after any step of an installation, it is either not begun or finished by the next start', function () {
    $folder = new TestFolder();
    finished(installing($folder->path, 'first'));
    expect($folder->releases())->toBe(['first']);
    $steps = (int) finished(installing($folder->path, 'second'));
    expect($steps)
        ->toBeGreaterThan(8)
        ->and($folder->releases())
        ->toBe(['second']);
    foreach (range(1, $steps) as $step) {
        $before = $folder->releases();
        finished(installing($folder->path, "release {$step}", $step));
        $state = $folder->state();
        $folder->installer($state)->goOn();
        $after = $folder->releases();
        $journal = $state->journal();
        $state->close();
        expect($after)
            ->toHaveCount(1, "after step {$step}")
            ->and($after[0] === $before[0] || $after[0] === "release {$step}")
            ->toBeTrue()
            ->and($folder->strays())
            ->toBe([])
            ->and($journal)
            ->toBeNull();
    }
    expect(finished(installing($folder->path, 'last')))
        ->not->toBe('')
        ->and($folder->releases())
        ->toBe(['last']);
});

test('killed at random moments of 200 installations, it loses no file, mixes no releases and comes to what is due', function () {
    mt_srand(20_261_126);
    $folder = new TestFolder();
    finished(installing($folder->path, 'release 0'));
    $killed = 0;
    $byHand = [];
    foreach (range(1, 200) as $number) {
        $installing = installing($folder->path, "release {$number}");
        usleep(mt_rand(15_000, 60_000));
        $killed += proc_get_status($installing[0])['running'] ? 1 : 0;
        proc_terminate($installing[0], SIGKILL);
        finished($installing);
        if ($number % 10 === 0) {
            $state = $folder->state();
            $folder->installer($state)->goOn();
            // What was edited last may still be there, if none of the installations since has come to its journal.
            $whole = array_filter($folder->releases(), static fn (string $one): bool => ! str_starts_with($one, 'by hand'));
            expect($whole)->toHaveCount(1)->and($folder->strays())->toBe([]);
            $state->close();
            // Somebody edits a file in between: it is replaced only as the file that it is, and a copy stays.
            // An edit that none of the ten has replaced, on a slow machine, is replaced here by the next edit: nobody could copy it.
            if ($byHand !== [] && hash_file('sha256', $folder->file('cutloom')) === end($byHand)) {
                array_pop($byHand);
            }
            $byHand[] = hash('sha256', "by hand {$number}");
            file_put_contents($folder->file('cutloom'), "by hand {$number}");
        }
    }
    expect($killed)->toBeGreaterThan(50);
    finished(installing($folder->path, 'last'));
    $state = $folder->state();
    expect($folder->releases())->toBe(['last']);
    foreach (array_slice($byHand, -3) as $sha256) {
        expect($state->copies()->read($sha256))->not->toBeNull();
    }
});

test('a file that is edited between the journal and the exchange stays as it was edited', function () {
    $folder = new TestFolder();
    finished(installing($folder->path, 'first'));
    $edit = static function (string $step) use ($folder): void {
        if ($step === 'journal') {
            file_put_contents($folder->file('easeframe'), 'by hand of nobody');
        }
    };
    $state = $folder->state();
    $held = $folder->installer($state, null, $edit)->install(9, $folder->release($state, 'second'));
    expect($held)
        ->toBe(['easeframe' => 'changed'])
        ->and($folder->there()['easeframe'])
        ->toBe('by hand of nobody');
});
