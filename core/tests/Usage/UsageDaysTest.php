<?php

declare(strict_types=1);

use Zebrafinch\Core\Usage\UnreadableUsage;
use Zebrafinch\Core\Usage\UsageColumns;
use Zebrafinch\Core\Usage\UsageDays;
use Zebrafinch\Core\Usage\Uses;

const USES =
    "day,application,command,key,mouse\n".
    "2026-03-02,cutloom,undo,10,2\n2026-03-08,cutloom,undo,1,0\n2026-03-09,cutloom,undo,5,0\n2026-03-30,cutloom,lift,0,3\n";

/** @return array{int, int} */
function usedIn(?Uses $uses): array
{
    return [$uses->byKey ?? 0, $uses->byMouse ?? 0];
}

test('weeks begin on Mondays, whatever the zone of the machine', function (string $zone) {
    $before = date_default_timezone_get();
    date_default_timezone_set($zone);
    $weeks = UsageDays::fromCsv(USES)->weeks();
    date_default_timezone_set($before);
    expect(array_keys($weeks))
        ->toBe(['2026-03-02', '2026-03-09', '2026-03-30'])
        ->and(usedIn($weeks['2026-03-02']->of('cutloom', 'undo')))
        ->toBe([11, 2]);
})->with(['UTC', 'Pacific/Kiritimati', 'Pacific/Pago_Pago', 'Europe/Berlin']);

test('the last weeks are those in which something was used', function () {
    $last = UsageDays::fromCsv(USES)->lastWeeks(2);
    expect($last->days())
        ->toBe(['2026-03-09', '2026-03-30'])
        ->and(usedIn($last->sum()->of('cutloom', 'undo')))
        ->toBe([5, 0])
        ->and(UsageDays::none()->lastWeeks(4)->isEmpty())
        ->toBeTrue();
});

test('all days added up are what the rows add up to, and rows make the same days again', function () {
    $days = UsageDays::fromCsv(USES);
    expect(UsageDays::fromRows($days->rows()))
        ->toEqual($days)
        ->and($days->sum()->totals())
        ->toBe([16, 5])
        ->and($days->sum()->days)
        ->toBe(4);
});

test('columns are found by name, in any order and beside others that are not looked at', function () {
    $columns = UsageColumns::fromData(['day' => 'When', 'command' => 'Action', 'key' => 'Keys', 'mouse' => 'Clicks']);
    $csv = "Typed,Clicks,When,Keys,Action\nsecret text,3,2026-03-02T09:15:00,7,undo\nmore of it,0,2026-03-02,1,undo\n";
    $days = UsageDays::fromCsv($csv, $columns, 'cutloom');
    expect(usedIn($days->sum()->of('cutloom', 'undo')))
        ->toBe([8, 3])
        ->and(json_encode(iterator_to_array($days->rows(), false)))
        ->not->toContain('secret');
});

test('a log with a line for each use tells the hand by its words, and other ways are passed over', function () {
    $columns = UsageColumns::fromData([
        'day' => 'When',
        'command' => 'Action',
        'hand' => ['column' => 'Via', 'key' => ['shortcut'], 'mouse' => ['menu', 'button']],
    ]);
    $csv = "When,Action,Via\n2026-03-02,undo,shortcut\n2026-03-02,undo,menu\n2026-03-02,undo,button\n2026-03-02,undo,script\n";
    expect(usedIn(UsageDays::fromCsv($csv, $columns, 'cutloom')->sum()->of('cutloom', 'undo')))
        ->toBe([1, 2])
        ->and(UsageColumns::fromData($columns->toData()))
        ->toEqual($columns);
});

test('a log without a column that is pointed at is refused', function () {
    UsageDays::fromCsv("When,Action\n", UsageColumns::fromData(['day' => 'When', 'command' => 'Did']), 'cutloom');
})->throws(UnreadableUsage::class, 'When,Did');

test('a day that is none is refused with its line', function () {
    UsageDays::fromCsv("day,application,command,key,mouse\n2026-02-30,cutloom,undo,1,1\n");
})->throws(UnreadableUsage::class, '"2026-02-30" is no day');

test('Mondays are those of the calendar, over leap years and centuries', function () {
    // PHP's own calendar is the reference: every day of forty years around 2026, and those around the ends of centuries.
    foreach ([['1999-12-20', 30], ['2006-01-01', 14_600], ['2099-12-20', 90], ['1899-12-20', 90]] as [$first, $days]) {
        $day = new DateTimeImmutable($first, new DateTimeZone('UTC'));
        for ($count = 0; $count < $days; $count++, $day = $day->modify('+1 day')) {
            if (UsageDays::mondayOf($day->format('Y-m-d')) !== $day->modify('monday this week')->format('Y-m-d')) {
                throw new RuntimeException($day->format('Y-m-d').' is in the week of '.UsageDays::mondayOf($day->format('Y-m-d')));
            }
        }
    }
    expect(UsageDays::mondayOf('2024-02-29'))->toBe('2024-02-26');
});
