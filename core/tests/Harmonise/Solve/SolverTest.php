<?php

declare(strict_types=1);

use Zebrafinch\Core\Harmonise\Solve\Answer;
use Zebrafinch\Core\Harmonise\Solve\Ascent;
use Zebrafinch\Core\Harmonise\Solve\Checker;
use Zebrafinch\Core\Harmonise\Solve\Instance;
use Zebrafinch\Core\Harmonise\Solve\Polishing;
use Zebrafinch\Core\Harmonise\Solve\Progress;
use Zebrafinch\Core\Harmonise\Solve\Relaxation;
use Zebrafinch\Core\Harmonise\Solve\Slot;
use Zebrafinch\Core\Harmonise\Solve\Solver;
use Zebrafinch\Core\Tests\Harmonise\Solve\BruteForce;
use Zebrafinch\Core\Tests\Harmonise\Solve\GeneratedInstances;
use Zebrafinch\Core\Tests\Harmonise\Solve\OpenSolver;

function solved(Instance $instance): Answer
{
    return Solver::solve($instance) ?? throw new RuntimeException('Nothing is allowed.');
}

test('the cost is what trying everything finds, with contexts that exclude each other and without', function (int $seed) {
    [$applications, $intents, $chords] = [[2, 3, 4], [3, 2, 5], [2, 4, 3], [4, 2, 3]][$seed % 4];
    $instance = GeneratedInstances::of($seed, $applications, $intents, $chords, isFlat: $seed % 3 === 0, hasContexts: $seed % 2 === 0);
    $answer = solved($instance);
    expect($answer->isOptimal)
        ->toBeTrue()
        ->and($instance->allows($answer->choices))
        ->toBeTrue()
        ->and(abs($answer->cost - BruteForce::optimum($instance)))
        ->toBeLessThan(1e-6)
        ->and($answer->multipliersBound)
        ->toBeLessThanOrEqual($answer->cost + 1e-6);
})->with(range(1, 120));

test('an open solver that reads the LP file finds the same cost', function (int $seed, bool $isFlat) {
    $instance = GeneratedInstances::of($seed, 3, 20, 60, $isFlat, hasContexts: $seed % 2 === 0);
    expect(abs(solved($instance)->cost - OpenSolver::optimum($instance)))->toBeLessThan(1e-4);
})->with([[1, false], [2, false], [3, false], [4, false], [5, true]]);

test('an answer carries multipliers from which its bound can be worked out', function (Instance $instance) {
    $answer = Solver::solve($instance, static fn (Progress $now): bool => $now->cost > 1.01 * $now->bound);
    expect($answer)
        ->not->toBeNull()
        ->and((new Checker($instance))->complaints($answer->toData()))
        ->toBe([])
        ->and($answer->bound)
        ->toBeLessThanOrEqual($answer->cost)
        ->and($answer->gap())
        ->toBeLessThan(0.011);
})->with([
    'small' => [GeneratedInstances::small(7)],
    'with contexts' => [GeneratedInstances::of(8, 5, 30, 80, hasContexts: true)],
    'medium' => [GeneratedInstances::medium(9)],
    'flat' => [GeneratedInstances::flatMedium(2)],
]);

test('polishing raises the bound and never passes the optimum, and the checker reckons the same', function (int $seed) {
    $instance = GeneratedInstances::small($seed);
    $optimum = Solver::solve($instance)->cost;
    $relaxation = new Relaxation($instance);
    $ascent = new Ascent($relaxation);
    for ($round = 0; $round < 4; $round++) {
        $ascent->measure();
        $ascent->restore();
        [$prices, $bound] = Polishing::of($relaxation, $ascent->best, $ascent->reached);
        expect($bound)
            ->toBeGreaterThanOrEqual($ascent->reached - 1e-9)
            ->toBeLessThanOrEqual($optimum + 1e-6)
            ->and((new Checker($instance))->bound($prices->toData()))
            ->toEqualWithDelta($bound, 1e-6);
        $ascent->climb($optimum);
    }
})->with(range(1, 12));

test('a changed answer is found out', function (Closure $change, string $complaint) {
    $instance = GeneratedInstances::small(3);
    $data = $change(solved($instance)->toData());
    expect(implode(' ', (new Checker($instance))->complaints($data)))->toContain($complaint);
})->with([
    'a cheaper cost' => [
        static fn (array $data): array => ['cost' => $data['cost'] - 1, 'bound' => $data['bound'] - 1] + $data,
        'The choices cost',
    ],
    'a choice fewer' => [static fn (array $data): array => ['choices' => array_slice($data['choices'], 1)] + $data, 'choices for'],
    'one chord for all' => [
        static fn (array $data): array => ['choices' => array_fill(0, count($data['choices']), 0)] + $data,
        'two slots of one group',
    ],
    'a higher bound of the multipliers' => [
        static fn (array $data): array => ['multipliers' => ['bound' => $data['multipliers']['bound'] + 5] + $data['multipliers']] + $data,
        'The multipliers prove',
    ],
    'a bound above the cost' => [static fn (array $data): array => ['bound' => $data['cost'] + 1] + $data, 'not between'],
]);

test('the same instance has the same answer, and comes back from its data as it was', function () {
    $instance = GeneratedInstances::of(5, 4, 20, 50, hasContexts: true);
    $again = Instance::fromData(json_decode(json_encode($instance->toData(), JSON_THROW_ON_ERROR), true, 16, JSON_THROW_ON_ERROR));
    expect($again)->toEqual($instance)->and(solved($again)->toData())->toBe(solved($instance)->toData());
});

test('work that is ended early gives what it has', function () {
    $instance = GeneratedInstances::medium(3);
    $answer = Solver::solve($instance, static fn (): bool => false);
    expect($answer?->isOptimal)
        ->toBeFalse()
        ->and($instance->allows($answer->choices))
        ->toBeTrue()
        ->and((new Checker($instance))->complaints($answer->toData()))
        ->toBe([]);
});

test('progress is told: the best never gets dearer, the bound never lower', function () {
    $seen = [];
    Solver::solve(GeneratedInstances::medium(6), static function (Progress $now) use (&$seen): bool {
        $seen[] = $now;

        return true;
    });
    expect(count($seen))->toBeGreaterThan(3);
    foreach (array_slice($seen, 1) as $index => $now) {
        expect($now->cost)->toBeLessThanOrEqual($seen[$index]->cost)->and($now->bound)->toBeGreaterThanOrEqual($seen[$index]->bound);
    }
});

test('where a slot must have a chord and none is left, there is no answer', function () {
    $instance = new Instance(
        ['A'],
        ['c'],
        [['id' => 'one', 'second_chord' => 1.0], ['id' => 'two', 'second_chord' => 1.0]],
        [new Slot(0, 0, null, [0 => 1.0]), new Slot(1, 0, null, [0 => 2.0])],
        [[0, 1]],
        1.0,
    );
    expect(Solver::solve($instance))->toBeNull();
});

test('nothing to decide costs nothing', function () {
    expect(Solver::solve(new Instance([], [], [], [], [], 0.0))?->cost)->toBe(0.0);
});

test('a chord that two intents want goes to the one that loses more without it', function () {
    // Apart: 1 + 2 for the first, 1 + 9 for the second; the dear slot keeps the cheap chord.
    $instance = new Instance(
        ['A'],
        ['near', 'far'],
        [['id' => 'rare', 'second_chord' => 0.0], ['id' => 'constant', 'second_chord' => 0.0]],
        [new Slot(0, 0, 50.0, [0 => 1.0, 1 => 2.0]), new Slot(1, 0, 50.0, [0 => 1.0, 1 => 9.0])],
        [[0, 1]],
        0.0,
    );
    expect(solved($instance)->choices)
        ->toBe([1, 0])
        ->and(solved($instance)->cost)
        ->toBe(3.0);
});
