<?php

declare(strict_types=1);

use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\Doing;
use Zebrafinch\Core\Learn\Saving;
use Zebrafinch\Core\Learn\SavingKind;
use Zebrafinch\Core\Learn\Savings;
use Zebrafinch\Core\Learn\Ways;
use Zebrafinch\Core\Tests\World;

function ways(TypingClass $class = TypingClass::Average): Ways
{
    return new Ways(World::seat(), TypingSpeed::ofClass($class));
}

function doing(string $command, array $chords, float $byKey, float $byMouse, string $application = 'cutloom'): Doing
{
    $known = World::application($application);
    $bindings = array_map(static fn (string $chord): Binding => new Binding(Chord::parse($chord), $command, 'everywhere'), $chords);

    return new Doing($known, $known->command($command), $bindings, $byKey, $byMouse);
}

/** @param  list<Doing>  $doings */
function savings(array $doings, ?string $offered = null, ?Ways $ways = null): Savings
{
    return Savings::of(
        $doings,
        $ways ?? ways(),
        static fn (Doing $doing): ?Binding => $offered === null
            ? null
            : new Binding(Chord::parse($offered), $doing->command->id, 'everywhere'),
    );
}

test('a menu costs a pointing and a press for each title, a chord a keystroke for each key', function () {
    // Undo stands in one menu: the title, then the item.
    expect(World::application('cutloom')->command('undo')->menu)->toHaveCount(2);
    $saving = savings([doing('undo', ['Control+KeyS'], 0, 10)])->all[0];
    expect($saving->kind)
        ->toBe(SavingKind::ByMouse)
        ->and($saving->way->inOperators())
        ->toBe('M 2P 2K')
        ->and($saving->newWay->inOperators())
        ->toBe('M 2K')
        // 1.35 + 2 × 1.1 + 2 × 0.2 against 1.35 + 2 × 0.2, ten times a week.
        ->and($saving->before)
        ->toEqualWithDelta(3.95, 1e-9)
        ->and($saving->after)
        ->toEqualWithDelta(1.75, 1e-9)
        ->and($saving->secondsAWeek())
        ->toEqualWithDelta(22.0, 1e-9);
});

test('a key out of the left hand\'s reach takes the right hand off the mouse and back', function () {
    $saving = savings([doing('undo', ['KeyP'], 0, 1)])->all[0];
    expect($saving->newWay->inOperators())->toBe('M 2H K');
});

test('of several chords the quickest counts', function () {
    expect(savings([doing('undo', ['KeyP', 'KeyS'], 0, 1)])->all[0]->binding->chord->id())->toBe('KeyS');
});

test('a chord that this board lacks is none', function () {
    $ways = new Ways(World::seat(board: 'laptop-iso'), TypingSpeed::ofClass(TypingClass::Average));
    $found = savings([doing('undo', ['Numpad5'], 0, 8)], 'KeyS', $ways);
    expect($found->all[0]->kind)
        ->toBe(SavingKind::NoChord)
        ->and($found->all[0]->binding->chord->id())
        ->toBe('KeyS');
});

test('a command without a chord saves what the offered one does; without an offer it is counted apart', function () {
    $doings = [doing('undo', [], 0, 5)];
    expect(savings($doings, 'KeyS')->sum())
        ->toEqualWithDelta(5 * (3.95 - 1.55), 1e-9)
        ->and(savings($doings)->all)
        ->toBe([])
        ->and(savings($doings)->withoutOffer)
        ->toBe(1);
});

test('a hard chord is told apart from what is done by mouse', function () {
    $found = savings([doing('undo', ['KeyP'], 100, 4)], 'KeyS');
    expect(array_map(static fn (Saving $one): SavingKind => $one->kind, $found->all))
        ->toEqualCanonicalizing([SavingKind::ByMouse, SavingKind::HardChord])
        // Two homings of 0.4 s, a hundred times; and the mouse against the chord that is there, four times.
        ->and($found->sum())
        ->toEqualWithDelta(100 * 0.8 + 4 * (3.95 - 2.35), 1e-9)
        ->and($found->byApplication())
        ->toHaveKey('cutloom');
});

test('one free chord is not offered for two commands of one application', function () {
    $taken = [];
    Savings::of([doing('undo', [], 0, 9), doing('redo', [], 0, 5)], ways(), static function (Doing $doing, array $others) use (
        &$taken,
    ): Binding {
        $taken[] = count($others);

        return new Binding(Chord::parse($others === [] ? 'KeyS' : 'KeyD'), $doing->command->id, 'everywhere');
    });
    expect($taken)->toBe([0, 1]);
});

test('savings are never negative and never larger than all that is done, for any typist, chords and uses', function () {
    mt_srand(1980);
    $commands = World::application('cutloom')->commands();
    $keys = ['KeyS', 'KeyP', 'Numpad5', 'F12', 'Control+Alt+Shift+KeyL', 'Shift+Digit1'];
    for ($round = 0; $round < 150; $round++) {
        $ways = ways(TypingClass::cases()[mt_rand(0, 6)]);
        $doings = [];
        for ($index = 0; $index < 12; $index++) {
            $chords = array_values(array_intersect_key($keys, array_flip((array) array_rand($keys, mt_rand(1, 3)))));
            $doings[] = doing($commands[mt_rand(0, 60)]->id, mt_rand(0, 3) === 0 ? [] : $chords, mt_rand(0, 90), mt_rand(0, 40) / 2);
        }
        $found = savings($doings, mt_rand(0, 1) === 0 ? null : 'KeyF', $ways);
        foreach ($found->all as $saving) {
            expect($saving->secondsAWeek())->toBeGreaterThan(0.0)->and($saving->after)->toBeLessThan($saving->before);
        }
        $all = array_sum(
            array_map(
                static fn (Doing $one): float => $one->byMouse * $ways->seconds($ways->byMouse($one->command)) + $one->byKey * 20,
                $doings,
            ),
        );
        expect($found->sum())
            ->toBeLessThanOrEqual($all)
            ->and($found->sum())
            ->toEqualWithDelta(array_sum($found->byApplication()), 1e-6)
            ->and(array_map(static fn (Saving $one): float => -$one->secondsAWeek(), $found->all))
            ->toBe(ascending(array_map(static fn (Saving $one): float => -$one->secondsAWeek(), $found->all)));
    }
});

/** @param  list<float>  $numbers  @return list<float> */
function ascending(array $numbers): array
{
    sort($numbers);

    return $numbers;
}
