<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\MergeQuestionKind;
use Zebrafinch\Core\Preset\Side;
use Zebrafinch\Core\Preset\TakingIn;

function bindingsOf(array $chords): Bindings
{
    return Bindings::of(
        ...array_map(
            static fn (string $command, string $chord): Binding => new Binding(Chord::parse($chord), $command, 'timeline'),
            array_keys($chords),
            $chords,
        ),
    );
}

/** @return array<string, string> chord by command */
function says(Bindings $bindings): array
{
    $says = [];
    foreach ($bindings as $binding) {
        $says[$binding->command] = $binding->chord->id();
    }
    ksort($says);

    return $says;
}

test('what only one side changed is taken over without a question', function () {
    $base = bindingsOf(['split' => 'KeyC', 'lift' => 'KeyD']);
    $taking = TakingIn::of(
        $base,
        bindingsOf(['split' => 'KeyT', 'lift' => 'KeyD']),
        bindingsOf(['split' => 'KeyC', 'lift' => 'KeyL', 'new' => 'KeyN']),
    );
    expect(says($taking->result))
        ->toBe(['lift' => 'KeyL', 'new' => 'KeyN', 'split' => 'KeyT'])
        ->and($taking->isDecided())
        ->toBeTrue();
});

test('a command that both sides moved is asked about, and either may win', function (?Side $answer, string $chord) {
    $base = bindingsOf(['split' => 'KeyC']);
    $sides = [$base, bindingsOf(['split' => 'KeyT']), bindingsOf(['split' => 'KeyY'])];
    $question = TakingIn::of(...$sides)->questions[0];
    expect($question->kind)->toBe(MergeQuestionKind::SameCommand)->and($question->answer)->toBeNull();
    $taking = TakingIn::of(...[...$sides, $answer === null ? [] : [$question->id => $answer]]);
    expect(says($taking->result))
        ->toBe(['split' => $chord])
        ->and($taking->isDecided())
        ->toBe($answer !== null);
})->with([[null, 'KeyT'], [Side::Ours, 'KeyT'], [Side::Theirs, 'KeyY']]);

test('a chord that each side gave away is asked about, and nobody is left without one by the answer', function (Side $answer, array $says) {
    $base = bindingsOf(['split' => 'KeyC', 'lift' => 'KeyD']);
    $sides = [$base, bindingsOf(['split' => 'KeyT', 'lift' => 'KeyD']), bindingsOf(['split' => 'KeyC', 'lift' => 'KeyT'])];
    $question = TakingIn::of(...$sides)->questions[0];
    expect($question->kind)
        ->toBe(MergeQuestionKind::SameChord)
        ->and(says(TakingIn::of(...[...$sides, [$question->id => $answer]])->result))
        ->toBe($says);
})->with([
    [Side::Ours, ['lift' => 'KeyD', 'split' => 'KeyT']],
    [Side::Theirs, ['lift' => 'KeyT']],
    [Side::Both, ['lift' => 'KeyT', 'split' => 'KeyT']],
]);

test('an answer that a question does not offer is none', function () {
    $sides = [bindingsOf(['split' => 'KeyC']), bindingsOf(['split' => 'KeyT']), bindingsOf(['split' => 'KeyY'])];
    $id = TakingIn::of(...$sides)->questions[0]->id;
    expect(TakingIn::of(...[...$sides, [$id => Side::Both]])->isDecided())->toBeFalse();
});

test('whatever both sides did: the change leads from ours to the result, and taking in twice brings nothing more', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $keys = ['KeyA', 'KeyB', 'KeyC', 'KeyD', 'KeyE'];
    $draw = static fn (): Bindings => bindingsOf(
        array_filter(
            ['a' => $keys[$random->getInt(0, 4)], 'b' => $keys[$random->getInt(0, 4)], 'c' => $keys[$random->getInt(0, 4)]],
            static fn (): bool => $random->getInt(0, 4) > 0,
        ),
    );
    for ($run = 0; $run < 300; $run++) {
        [$base, $ours, $theirs] = [$draw(), $draw(), $draw()];
        $answers = [];
        foreach (TakingIn::of($base, $ours, $theirs)->questions as $question) {
            $offered = $question->kind->answers();
            $answers[$question->id] = $offered[$random->getInt(0, count($offered) - 1)];
        }
        $taking = TakingIn::of($base, $ours, $theirs, $answers);
        expect($taking->isDecided())
            ->toBeTrue()
            ->and(says($ours->changedBy($taking->change)))
            ->toBe(says($taking->result))
            ->and(TakingIn::of($theirs, $taking->result, $theirs)->change->isEmpty())
            ->toBeTrue();
    }
})->with(range(1, 5));
