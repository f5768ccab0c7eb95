<?php

declare(strict_types=1);

use Zebrafinch\Core\Suite\Held;
use Zebrafinch\Core\Suite\ReportedFile;
use Zebrafinch\Core\Suite\RolloutProgress;
use Zebrafinch\Core\Suite\RolloutStep;
use Zebrafinch\Core\Suite\SuiteState;

/** What a release of two key files has come to: cutloom's was put there, and of faderloft's the agent tells this. */
function progressWith(?ReportedFile $faderloft, array $stops = [], bool $isOnline = true): RolloutProgress
{
    $state = SuiteState::blank()
        ->following(['cutloom' => 'new-a', 'faderloft' => 'new-b'])
        ->reported(['cutloom' => new ReportedFile('new-a', 'new-a')]);
    if ($faderloft !== null) {
        $state = $state->reported(['faderloft' => $faderloft]);
    }

    return RolloutProgress::of($state, ['cutloom' => 'Cutloom', 'faderloft' => 'Faderloft', 'easeframe' => 'Easeframe'], $stops, $isOnline);
}

test('a release is there when every file that it gives is, whatever else the suite has', function () {
    $progress = progressWith(new ReportedFile('new-b', 'new-b', loaded: true));
    expect([$progress->step, $progress->fault])->toBe([RolloutStep::Done, null]);
});

test('it is under way while a file is fetched, waits for an application to be closed, or its suite is away', function (
    ?ReportedFile $there,
    bool $isOnline,
) {
    $progress = progressWith($there, [], $isOnline);
    expect([$progress->step, $progress->fault])->toBe([RolloutStep::UnderWay, null]);
})->with([
    'nothing told of it yet' => [null, true],
    'an older one is there' => [new ReportedFile('old-b', 'old-b'), true],
    'the application is running' => [new ReportedFile('old-b', 'old-b', Held::Running), true],
    'changed a moment ago' => [new ReportedFile('old-b', 'old-b', Held::Changed), true],
    'the suite is away' => [new ReportedFile('old-b', 'old-b', Held::Full), false],
]);

test('it is faulty where it needs somebody, and says why', function (ReportedFile $there, string $fault) {
    $progress = progressWith($there);
    expect([$progress->step, $progress->fault])->toBe([RolloutStep::Faulty, $fault]);
})->with([
    'changed by hand' => [new ReportedFile('mine', 'old-b'), 'Faderloft was changed by hand there.'],
    'from nobody' => [new ReportedFile('mine', null), 'Faderloft has a file there that nobody gave.'],
    'read-only' => [new ReportedFile('old-b', 'old-b', Held::ReadOnly), 'Faderloft: the folder is read-only.'],
    'a full disk' => [new ReportedFile('old-b', 'old-b', Held::Full), 'Faderloft: the disk is full.'],
    'not loaded' => [
        new ReportedFile('new-b', 'new-b', loaded: false, says: 'line 3'),
        'Faderloft does not take its key file: line 3',
    ],
]);

test('what stops the release in one application is told first, even where the file is there', function () {
    $there = new ReportedFile('new-b', 'new-b');
    $progress = progressWith($there, ['faderloft' => 'Record has lost its only chord.']);
    expect([$progress->step, $progress->fault])->toBe([RolloutStep::Faulty, 'Record has lost its only chord.']);
});

test('whoever sits there with keys of their own keeps a release from being done, and is no fault', function () {
    $state = SuiteState::blank()
        ->following(['cutloom' => 'new-a'])
        ->reported(['cutloom' => new ReportedFile('new-a', 'new-a')])
        ->sitting(['cutloom' => 'guest'])
        ->reported(['cutloom' => new ReportedFile('guest', 'guest')]);
    expect(RolloutProgress::of($state, ['cutloom' => 'Cutloom'], [], true)->step)
        ->toBe(RolloutStep::UnderWay)
        ->and(RolloutProgress::of($state->left(), ['cutloom' => 'Cutloom'], [], true)->step)
        ->toBe(RolloutStep::UnderWay)
        ->and(RolloutProgress::out()->step)
        ->toBe(RolloutStep::Out);
});
