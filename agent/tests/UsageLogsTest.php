<?php

declare(strict_types=1);

use Zebrafinch\Agent\LocalDisk;
use Zebrafinch\Agent\PlainWorkstation;
use Zebrafinch\Agent\Tests\TestFolder;
use Zebrafinch\Agent\UsageLogs;

require_once dirname(__DIR__).'/autoload.php';
require_once __DIR__.'/TestFolder.php';

const ASKED = ['sitting' => 7, 'logs' => ['cutloom' => ['day' => 'day', 'command' => 'command', 'key' => 'key', 'mouse' => 'mouse']]];

/** What an agent would tell of a log that somebody's application writes. */
final class LogReader
{
    public readonly string $path;

    /** @var list<array{string, list<array{day: string, command: string, key: int, mouse: int}>}> */
    public array $told = [];

    private UsageLogs $logs;

    public function __construct(public readonly TestFolder $folder)
    {
        $this->path = "{$folder->path}/cutloom.usage.csv";
        $this->start();
    }

    /** As after a restart. */
    public function start(): void
    {
        $state = $this->folder->state();
        $this->logs = new UsageLogs(new PlainWorkstation([], new LocalDisk(), ['cutloom' => $this->path]), $state);
        $state->close();
    }

    /** @param  array<string, mixed>|null  $asked */
    public function round(?array $asked = ASKED): self
    {
        $this->logs->tell($asked, function (string $application, array $rows): void {
            $this->told[] = [$application, $rows];
        });

        return $this;
    }

    public function write(string $rows, string $header = 'day,command,key,mouse,typed'): self
    {
        file_put_contents($this->path, "{$header}\n{$rows}");
        clearstatcache();

        return $this;
    }
}

test('what stood in the log before the yes is never told, what comes after is, and only once it has changed', function () {
    $log = (new LogReader(new TestFolder()))->write("2026-03-02,undo,50,3,my secret\n")->round();
    expect($log->told)->toBe([]);
    $log->write("2026-03-02,undo,52,4,my secret\n2026-03-02,lift,1,0,more\n")->round()->round();
    expect($log->told)->toBe([
        [
            'cutloom',
            [
                ['day' => '2026-03-02', 'command' => 'undo', 'key' => 2, 'mouse' => 1],
                ['day' => '2026-03-02', 'command' => 'lift', 'key' => 1, 'mouse' => 0],
            ],
        ],
    ]);
    expect(json_encode($log->told))->not->toContain('secret');
});

test('after a restart the same is told again, measured from the same beginning', function () {
    $log = (new LogReader(new TestFolder()))->write("2026-03-02,undo,50,3,\n")->round();
    $log->write("2026-03-02,undo,60,3,\n")->round();
    $log->start();
    $log->round();
    expect(array_map(static fn (array $one): int => $one[1][0]['key'], $log->told))->toBe([10, 10]);
});

test('nothing is told while nobody has said yes, and another person begins anew', function () {
    $log = (new LogReader(new TestFolder()))->write("2026-03-02,undo,50,3,\n")->round(null);
    $log->round();
    $log->write("2026-03-02,undo,55,3,\n")->round();
    $log->write("2026-03-02,undo,70,3,\n")->round(null);
    $log->round(['sitting' => 8] + ASKED);
    $log->write("2026-03-02,undo,71,3,\n")->round(['sitting' => 8] + ASKED);
    expect(array_map(static fn (array $one): int => $one[1][0]['key'], $log->told))->toBe([5, 1]);
});

test('a log that was begun anew counts from its beginning', function () {
    $log = (new LogReader(new TestFolder()))->write("2026-03-02,undo,50,3,\n")->round();
    $log->write("2026-03-02,undo,4,0,\n")->round();
    expect($log->told[0][1][0]['key'])->toBe(4);
});

test('a log with a line for each use tells the hand by its words', function () {
    $asked = [
        'sitting' => 7,
        'logs' => [
            'cutloom' => ['day' => 'When', 'command' => 'Did', 'hand' => ['column' => 'Via', 'key' => ['kbd'], 'mouse' => ['menu']]],
        ],
    ];
    $log = (new LogReader(new TestFolder()))->write('', 'When,Via,Did')->round($asked);
    $log->write("2026-03-02T10:00:00,kbd,undo\n2026-03-02T10:01:00,menu,undo\n2026-03-02T10:02:00,script,undo\n", 'When,Via,Did')->round(
        $asked,
    );
    expect($log->told[0][1])->toBe([['day' => '2026-03-02', 'command' => 'undo', 'key' => 1, 'mouse' => 1]]);
});

test('a log that lacks a column, is not there, or belongs to an application that nobody asks for is left alone', function () {
    $log = (new LogReader(new TestFolder()))->round()->write('x', 'something,else')->round();
    $log->write("2026-03-02,undo,1,0,\n")->round(['sitting' => 7, 'logs' => []]);
    expect($log->told)->toBe([]);
});
