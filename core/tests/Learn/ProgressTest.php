<?php

declare(strict_types=1);

use Zebrafinch\Core\Learn\BeforeLearning;
use Zebrafinch\Core\Learn\NextStep;
use Zebrafinch\Core\Learn\Progress;
use Zebrafinch\Core\Learn\SavedWeek;
use Zebrafinch\Core\Learn\Today;
use Zebrafinch\Core\Usage\UsageDays;

/** @param  list<array{string, int, int}>  $weeks  Monday, uses by key, uses by mouse */
function weeksOf(array $weeks): UsageDays
{
    return UsageDays::fromRows(
        array_map(
            static fn (array $one): array => [
                'day' => $one[0],
                'application' => 'cutloom',
                'command' => 'undo',
                'key' => $one[1],
                'mouse' => $one[2],
            ],
            $weeks,
        ),
    );
}

test('saved is what is no longer done by mouse, measured from the weeks after it began', function () {
    // Four in five by mouse before; each by key takes 2.4 s less.
    $begun = new BeforeLearning('cutloom', 'undo', '2026-03-06', 0.8, 2.4);
    $progress = Progress::of(weeksOf([['2026-03-02', 20, 80], ['2026-03-09', 60, 40], ['2026-03-16', 100, 0]]), [$begun]);
    expect(array_map(static fn (SavedWeek $one): float => round($one->saved, 6), $progress->weeks))
        ->toBe([0.0, (80 - 40) * 2.4, 80 * 2.4])
        ->and($progress->sum())
        ->toEqualWithDelta(120 * 2.4, 1e-9);
});

test('who does more by mouse than before has saved nothing, and never less than nothing', function () {
    mt_srand(8);
    for ($round = 0; $round < 200; $round++) {
        $weeks = array_map(
            static fn (int $week): array => [date('Y-m-d', strtotime("2026-03-02 UTC +{$week} weeks")), mt_rand(0, 50), mt_rand(0, 50)],
            range(0, 5),
        );
        $begun = new BeforeLearning('cutloom', 'undo', '2026-03-02', mt_rand(0, 10) / 10, mt_rand(-20, 40) / 10);
        foreach (Progress::of(weeksOf($weeks), [$begun])->weeks as $week) {
            expect($week->saved)
                ->toBeGreaterThanOrEqual(0.0)
                ->and($week->saved)
                ->toBeLessThanOrEqual(50 * 2 * 4.0);
        }
    }
});

test('something learned is forgotten when more than half of it is done by mouse again, and often enough to tell', function () {
    $week = static fn (int $key, int $mouse) => weeksOf([['2026-03-02', $key, $mouse]]);
    $is = static fn (int $key, int $mouse): bool => Progress::isForgotten($week($key, $mouse), '2026-02-20', 'cutloom', 'undo');
    expect([$is(10, 2), $is(2, 10), $is(1, 2), $is(5, 5)])
        ->toBe([false, true, false, false])
        ->and(Progress::isForgotten(UsageDays::none(), '2026-02-20', 'cutloom', 'undo'))
        ->toBeFalse();
    // A week in which it was still being learned tells nothing.
    expect(Progress::isForgotten($week(2, 10), '2026-03-02', 'cutloom', 'undo'))
        ->toBeFalse()
        ->and(Progress::isForgotten($week(2, 10), '2026-03-01', 'cutloom', 'undo'))
        ->toBeTrue();
});

test('what to do now: what has moved, then what is due, then something new', function (Today $today, NextStep $next) {
    expect($today->next())->toBe($next);
})->with([
    [new Today(3, 0, 2, 1, 5, true, 0), NextStep::Relearn],
    [new Today(3, 0, 2, 0, 5, true, 0), NextStep::Practise],
    [new Today(0, 2, 0, 0, 5, true, 0), NextStep::Choose],
    [new Today(0, 0, 0, 0, 0, false, 0), NextStep::BringLog],
    [new Today(3, 0, 0, 0, 5, true, 0), NextStep::Rest],
]);

test('one line says how far one is', function () {
    expect((new Today(5, 2, 3, 0, 0, true, 754.4))->line())
        ->toBe('2 learned, 5 on the way, 3 due, 12 min 34 s saved so far.')
        ->and((new Today(0, 0, 0, 0, 0, true, 0))->line())
        ->toBe('Nothing is being learned yet.')
        ->and(array_map(Today::inWords(...), [0.0, 59.4, 60.0, 3_600.0, 8_100.0]))
        ->toBe(['0 s', '59 s', '1 min', '1 h', '2 h 15 min']);
});
