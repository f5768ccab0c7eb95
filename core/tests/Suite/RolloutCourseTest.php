<?php

declare(strict_types=1);

use Zebrafinch\Core\Suite\RolloutCourse;
use Zebrafinch\Core\Suite\RolloutState;
use Zebrafinch\Core\Suite\RolloutStep;

test('what a rollout does next', function (array $steps, ?string $first, RolloutState $state, array $give) {
    $course = RolloutCourse::of(array_map(RolloutStep::from(...), $steps), $first);
    expect($course->state)->toBe($state)->and($course->give)->toBe($give);
})->with([
    'all at once' => [['a' => 'waiting', 'b' => 'waiting'], null, RolloutState::Running, ['a', 'b']],
    'one first' => [['a' => 'waiting', 'b' => 'waiting'], 'b', RolloutState::Running, ['b']],
    'the others wait for it' => [['a' => 'waiting', 'b' => 'under-way'], 'b', RolloutState::Running, []],
    'and come when it has it' => [['a' => 'waiting', 'b' => 'done'], 'b', RolloutState::Running, ['a']],
    'or when it is taken out' => [['a' => 'waiting', 'b' => 'out'], 'b', RolloutState::Running, ['a']],
    'a fault anywhere stops it' => [['a' => 'waiting', 'b' => 'faulty'], null, RolloutState::Stopped, []],
    'done' => [['a' => 'done', 'b' => 'out'], 'a', RolloutState::Done, []],
    'not before the last has it' => [['a' => 'done', 'b' => 'under-way'], null, RolloutState::Running, []],
]);
