<?php

declare(strict_types=1);

use Zebrafinch\Core\Suite\FoundFile;
use Zebrafinch\Core\Suite\Held;
use Zebrafinch\Core\Suite\ReportedFile;
use Zebrafinch\Core\Suite\Standing;
use Zebrafinch\Core\Suite\SuiteState;

function digestOf(string $text): string
{
    return hash('sha256', $text);
}

/** A suite that follows a file and has it. */
function inStep(string $text = 'house 1'): SuiteState
{
    $sha256 = digestOf($text);

    return SuiteState::blank()
        ->following(['cutloom' => $sha256])
        ->reported(['cutloom' => new ReportedFile($sha256, $sha256)]);
}

function reporting(SuiteState $state, ?string $there, ?string $installed, ?Held $held = null): SuiteState
{
    $digest = static fn (?string $text): ?string => $text === null ? null : digestOf($text);

    return $state->reported(['cutloom' => new ReportedFile($digest($there), $digest($installed), $held)]);
}

test('nothing is put anywhere before the agent has told what is there', function () {
    $state = SuiteState::blank()->following(['cutloom' => digestOf('house 1')]);
    expect($state->toInstall())->toBe([])->and($state->standing('cutloom', true))->toBe(Standing::OnItsWay);
});

test('how a file stands', function (SuiteState $state, bool $isOnline, Standing $standing) {
    expect($state->standing('cutloom', $isOnline))->toBe($standing);
})->with([
    'the file that is due' => [fn () => inStep(), true, Standing::InStep],
    'the same by another name' => [fn () => inStep()->following(['cutloom' => digestOf('house 1')]), true, Standing::InStep],
    'something newer, while it answers' => [fn () => inStep()->following(['cutloom' => digestOf('house 2')]), true, Standing::OnItsWay],
    'something newer, while it does not' => [fn () => inStep()->following(['cutloom' => digestOf('house 2')]), false, Standing::Behind],
    'edited' => [fn () => reporting(inStep(), 'mine', 'house 1'), true, Standing::ChangedByHand],
    'edited, and something newer is due' => [
        fn () => reporting(inStep(), 'mine', 'house 1')->following(['cutloom' => digestOf('house 2')]),
        true,
        Standing::ChangedByHand,
    ],
    'edited to what is due' => [
        fn () => reporting(inStep()->following(['cutloom' => digestOf('x')]), 'x', 'house 1'),
        true,
        Standing::InStep,
    ],
    'there before anything was given' => [
        fn () => reporting(SuiteState::blank()->following(['cutloom' => digestOf('house 1')]), 'old', null),
        true,
        Standing::NobodyGave,
    ],
    'taken away by hand' => [fn () => reporting(inStep(), null, 'house 1'), true, Standing::OnItsWay],
    'held back' => [
        fn () => reporting(inStep()->following(['cutloom' => digestOf('house 2')]), 'house 1', 'house 1', Held::Full),
        true,
        Standing::HeldBack,
    ],
    'there, and the application takes none of it' => [
        fn () => inStep()->reported(['cutloom' => new ReportedFile(digestOf('house 1'), digestOf('house 1'), null, false, 'no')]),
        true,
        Standing::Refused,
    ],
    'nothing due and nothing there' => [fn () => reporting(SuiteState::blank(), null, null), true, Standing::NoFile],
    'its own' => [fn () => reporting(inStep(), 'mine', 'house 1')->owning('cutloom', digestOf('mine')), true, Standing::Left],
]);

test('a yes to replacing a file is for that file and no other', function () {
    $state = reporting(inStep(), 'mine', 'house 1')->allowing('cutloom', digestOf('mine'));
    expect($state->toInstall())->toHaveKey('cutloom')->and(reporting($state, 'mine again', 'house 1')->toInstall())->toBe([]);
});

test('what survives being stored is the whole state', function () {
    $state = reporting(inStep()->sitting(['cutloom' => digestOf('guest')]), 'guest', 'guest')->owning('faderloft', null);
    expect(SuiteState::fromData(json_decode((string) json_encode($state->toData()), true))->toData())->toBe($state->toData());
});

test('what was found before the first comes back after the second, also where the second brings nothing', function () {
    $state = reporting(inStep(), 'mine', 'house 1')->sitting(['cutloom' => digestOf('first')]);
    $state = reporting($state, 'first', 'first')
        ->left()
        ->sitting(['faderloft' => digestOf('second')]);
    expect($state->due()['cutloom']->sha256)->toBe(digestOf('mine'));
    $state = reporting(reporting($state, 'mine', 'house 1')->left(), 'mine', 'house 1');
    expect($state->standing('cutloom', true))->toBe(Standing::ChangedByHand);
});

test('what was there before something was given comes back, and then nothing is due', function () {
    $state = inStep()
        ->following([])
        ->goingBack(['cutloom' => new FoundFile(digestOf('old'), null)]);
    expect($state->toInstall()['cutloom']->sha256)->toBe(digestOf('old'));
    $back = reporting($state, 'old', null);
    expect($back->due())->toBe([])->and($back->standing('cutloom', true))->toBe(Standing::NobodyGave);
});

test('a file that is edited while somebody sits there is theirs, and is not replaced while they do', function () {
    $state = reporting(inStep()->sitting(['cutloom' => digestOf('guest')]), 'guest', 'guest');
    $edited = reporting($state, 'guest, edited', 'guest');
    expect($edited->found()['cutloom']->byHand)
        ->toBe(digestOf('guest, edited'))
        ->and($edited->sitting(['cutloom' => digestOf('guest 2')])->toInstall())
        ->toBe([])
        ->and($edited->left()->toInstall()['cutloom']->sha256)
        ->toBe(digestOf('house 1'));
});
