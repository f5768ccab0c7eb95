<?php

declare(strict_types=1);

use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Lesson;
use Zebrafinch\Core\Learn\Lessons;
use Zebrafinch\Core\Learn\Saving;
use Zebrafinch\Core\Learn\SavingKind;
use Zebrafinch\Core\Learn\Ways;
use Zebrafinch\Core\Tests\World;

function saving(
    string $application,
    string $command,
    string $chord,
    float $uses,
    ?string $intent = null,
    ?string $family = null,
    SavingKind $kind = SavingKind::ByMouse,
): Saving {
    $known = World::application($application);
    $ways = new Ways(World::seat(), TypingSpeed::ofClass(TypingClass::Average));
    $binding = new Binding(Chord::parse($chord), $command, 'everywhere');
    $doing = new Doing(
        $known,
        $known->command($command),
        [$binding],
        0,
        $uses,
        $intent === null ? null : new Intent($intent, ucfirst($intent), 'edit', [], family: $family),
    );
    $new = $ways->byChord($binding);
    assert($new !== null);
    $way = $ways->byMouse($doing->command);

    return new Saving($kind, $doing, $binding, $uses, $way, $new, $ways->seconds($way), $ways->seconds($new));
}

/**
 * @param  list<Saving>  $savings
 * @param  list<string>  $misleading  commands
 * @param  list<string>  $known  commands
 * @param  list<string>  $elsewhere  names of applications, for every chord
 */
function lessons(array $savings, array $misleading = [], array $known = [], array $elsewhere = []): Lessons
{
    return Lessons::from(
        $savings,
        World::seat(),
        static fn (Saving $one): bool => in_array($one->doing->command->id, $misleading, true),
        static fn (Saving $one): bool => in_array($one->doing->command->id, $known, true),
        static fn (): array => $elsewhere,
    );
}

/** @return list<string> */
function chosen(Lessons $lessons): array
{
    return array_map(static fn (Lesson $one): string => $one->savings[0]->doing->command->id, $lessons->chosen);
}

test('five at most, those that save most first', function () {
    $savings = [];
    foreach (['undo', 'redo', 'copy', 'paste', 'lift', 'new-project'] as $index => $command) {
        $savings[] = saving('cutloom', $command, 'KeyS', 10 + $index);
    }
    expect(chosen(lessons($savings)))->toBe(['new-project', 'lift', 'paste', 'copy', 'redo']);
});

test('what is learned already is not proposed again', function () {
    expect(chosen(lessons([saving('cutloom', 'undo', 'KeyS', 9), saving('cutloom', 'redo', 'KeyD', 8)], known: ['undo'])))->toBe(['redo']);
});

test('a false friend is never proposed, and said to be left out', function () {
    $found = lessons([saving('cutloom', 'undo', 'KeyS', 90), saving('cutloom', 'redo', 'KeyD', 8)], misleading: ['undo']);
    expect(chosen($found))
        ->toBe(['redo'])
        ->and($found->misleading[0]->savings[0]->doing->command->id)
        ->toBe('undo');
});

test('one chord that does the same in two applications is one lesson, and saves in both', function () {
    $found = lessons([saving('cutloom', 'undo', 'KeyS', 10, 'undo'), saving('faderloft', 'undo', 'KeyS', 10, 'undo')]);
    expect($found->chosen)
        ->toHaveCount(1)
        ->and($found->chosen[0]->secondsAWeek())
        ->toEqualWithDelta(20 * (3.95 - 1.55), 1e-9)
        ->and($found->chosen[0]->ease->reasons)
        ->toContain('the same chord in Faderloft');
});

test('one that misleads in one application is not proposed for the other either', function () {
    $found = Lessons::from(
        [saving('cutloom', 'undo', 'KeyS', 10, 'undo'), saving('faderloft', 'undo', 'KeyS', 10, 'undo')],
        World::seat(),
        static fn (Saving $one): bool => $one->doing->application->id === 'faderloft',
        static fn (): bool => false,
        static fn (): array => [],
    );
    expect($found->chosen)->toBe([]);
});

test('the letter of the name, a near key and the same chord elsewhere go before as many seconds without them', function () {
    // Each saves the same seconds: both are under the left hand, with one modifier or none.
    expect(chosen(lessons([saving('cutloom', 'undo', 'KeyG', 10), saving('cutloom', 'lift', 'KeyS', 10)])))
        ->toBe(['lift', 'undo'])
        ->and(chosen(lessons([saving('cutloom', 'copy', 'KeyS', 10), saving('cutloom', 'split-at-playhead', 'KeyS', 10)])))
        ->toBe(['split-at-playhead', 'copy'])
        ->and(lessons([saving('cutloom', 'undo', 'KeyS', 10)], elsewhere: ['Easeframe'])->chosen[0]->ease->factor)
        ->toBeGreaterThan(lessons([saving('cutloom', 'undo', 'KeyS', 10)])->chosen[0]->ease->factor);
});

test('what goes with something chosen is lifted, and says with what', function () {
    $found = lessons([
        saving('cutloom', 'undo', 'KeyS', 20),
        saving('cutloom', 'copy', 'KeyD', 11),
        saving('cutloom', 'redo', 'Shift+KeyS', 11),
    ]);
    expect(chosen($found))
        ->toBe(['undo', 'redo', 'copy'])
        ->and($found->chosen[1]->goesWith)
        ->toBe('Undo')
        ->and($found->chosen[2]->goesWith)
        ->toBeNull();
});

test('a chord that has to be given first comes behind those that are there, two at most', function () {
    $found = lessons([
        saving('cutloom', 'undo', 'KeyS', 90, kind: SavingKind::HardChord),
        saving('cutloom', 'redo', 'KeyD', 80, kind: SavingKind::NoChord),
        saving('cutloom', 'copy', 'KeyF', 70, kind: SavingKind::NoChord),
        saving('cutloom', 'paste', 'KeyG', 1),
    ]);
    $given = array_filter($found->chosen, static fn (Lesson $one): bool => $one->savings[0]->kind !== SavingKind::ByMouse);
    expect($given)->toHaveCount(2)->and(chosen($found))->toContain('paste');
});

test('the order does not depend on the order in which the savings come', function () {
    mt_srand(5);
    $savings = [];
    foreach (['undo', 'redo', 'copy', 'paste', 'lift', 'save-project', 'new-project'] as $command) {
        $savings[] = saving('cutloom', $command, ['KeyS', 'KeyD', 'Shift+KeyS'][mt_rand(0, 2)], mt_rand(1, 4) * 10, 'intent', 'family');
    }
    $first = chosen(lessons($savings));
    for ($round = 0; $round < 20; $round++) {
        shuffle($savings);
        expect(chosen(lessons($savings)))->toBe($first);
    }
});
