<?php

declare(strict_types=1);

use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;
use Zebrafinch\Core\Usage\UnreadableUsage;
use Zebrafinch\Core\Usage\UsageLog;
use Zebrafinch\Core\Usage\Uses;

const USAGE_HEADER = "day,application,command,key,mouse\r\n";

test('days are added up, the most used first', function () {
    $log = UsageLog::fromCsv(
        USAGE_HEADER."2026-03-02,cutloom,undo,10,2\r\n2026-03-03,cutloom,undo,5,0\r\n2026-03-03,\"cutloom\",lift,0,3\r\n",
    );
    expect(array_map(static fn (Uses $one): array => [$one->command, $one->byKey, $one->byMouse], $log->all()))
        ->toBe([['undo', 15, 2], ['lift', 0, 3]])
        ->and($log->days)
        ->toBe(2)
        ->and(UsageLog::fromData($log->toData(), 2)->all())
        ->toEqual($log->all());
});

test('a bad line is named, and nothing is taken', function (string $csv, string $message) {
    expect(static fn () => UsageLog::fromCsv($csv))->toThrow(UnreadableUsage::class, $message);
})->with([
    'empty' => ['', 'first line must be day,application,command,key,mouse'],
    'another header' => ["when,what\r\n", 'first line must be'],
    'a field too few' => [USAGE_HEADER."2026-03-02,cutloom,undo,10\r\n", 'Line 2 of the usage log: it has 4 fields'],
    'no day' => [USAGE_HEADER."today,cutloom,undo,1,1\r\n", '"today" is no day'],
    'no number' => [USAGE_HEADER."2026-03-02,cutloom,undo,1,-4\r\n", 'whole numbers'],
    'an open quote' => [USAGE_HEADER.'2026-03-02,"cutloom', 'quotes is not closed'],
]);

test('without a log the frequency of the intent counts, and with one how often the command was used', function () {
    $vocabulary = World::vocabulary();
    $plain = new Importance($vocabulary);
    expect($plain->ofCommand('cutloom', 'undo'))->toBe($vocabulary->intent('undo')->frequency->weight());
    $log = UsageLog::fromCsv(USAGE_HEADER."2026-03-02,cutloom,undo,90,0\r\n2026-03-02,cutloom,lift,10,0\r\n");
    $logged = new Importance($vocabulary, $log);
    expect($logged->ofCommand('cutloom', 'undo') / $logged->ofCommand('cutloom', 'lift'))
        ->toEqualWithDelta(9.0, 1e-9)
        ->and($logged->ofCommand('cutloom', 'copy'))
        ->toBe(0.25)
        ->and($logged->ofCommand('faderloft', 'undo'))
        ->toBe($plain->ofCommand('faderloft', 'undo'));
});

test('all matched commands together weigh as much with a log as without', function () {
    $vocabulary = World::vocabulary();
    $rows = array_map(
        static fn ($match): string => "2026-03-02,cutloom,{$match->command},".strlen($match->command) * 7 .",3\r\n",
        $vocabulary->matchesOf('cutloom'),
    );
    $sum = static fn (Importance $importance): float => array_sum(
        array_map(static fn ($match): float => $importance->ofCommand('cutloom', $match->command), $vocabulary->matchesOf('cutloom')),
    );
    expect($sum(new Importance($vocabulary, UsageLog::fromCsv(USAGE_HEADER.implode('', $rows)))))->toEqualWithDelta(
        $sum(new Importance($vocabulary)),
        1e-6,
    );
});
