<?php

declare(strict_types=1);

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Dialect\CannotBeWritten;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\Propose\Certainty;
use Zebrafinch\Core\Dialect\Propose\Correction;
use Zebrafinch\Core\Dialect\Propose\LineMark;
use Zebrafinch\Core\Dialect\Propose\Marking;
use Zebrafinch\Core\Dialect\Propose\Proof;
use Zebrafinch\Core\Dialect\Propose\Proposal;
use Zebrafinch\Core\Dialect\Propose\Proposer;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Tests\Dialect\Forms;
use Zebrafinch\Core\Tests\Dialect\Mutation;
use Zebrafinch\Core\Text\TextEncoding;

/** @param  list<array<string, mixed>>  $corrections */
function proposed(string $bytes, array $corrections = []): Proposal
{
    return Proposer::propose([$bytes], array_map(Correction::fromData(...), $corrections), 'brought', 'brought.keys');
}

function broughtBy(Proposal $proposal): Application
{
    return (new CatalogueReader())->application([
        'id' => 'brought',
        'name' => 'Brought',
        'purpose' => 'trying',
        'precedence' => 'deeper-first',
        'loading' => 'last-line-wins',
        'dialect' => 'brought',
        'naming' => $proposal->isByCharacter ? 'character' : 'position',
        'tells_hold' => $proposal->tellsHold,
        'contexts' => $proposal->contexts,
        'commands' => $proposal->commands,
    ]);
}

/** @return list<string> context, command and chord of each binding, as the file calls them */
function saidIn(Proposal $proposal, string $bytes): array
{
    $application = broughtBy($proposal);
    $said = [];
    foreach (Dialect::fromData($proposal->description)->read($bytes, $application)->bindings() as $one) {
        $said[] = implode(' | ', [
            $application->contexts->word($one->context),
            $application->commandWord($one->command),
            $one->chord->id(),
        ]);
    }
    sort($said);

    return $said;
}

/** @return list<string> */
function madeFrom(string $form, int $times = 1): array
{
    $made = array_map(
        static fn (array $one): string => "{$one[0]} | {$one[1]} | ".Chord::parse($one[2])->id(),
        Forms::bindings($form, $times),
    );
    sort($made);

    return $made;
}

test('of a file that nobody described, exactly the bindings are read that it was made from', function (string $form) {
    $bytes = Forms::file($form);
    expect(saidIn(proposed($bytes), $bytes))->toBe(madeFrom($form));
})->with(Forms::names());

test('the same holds for thousands of lines', function (string $form) {
    $bytes = Forms::file($form, 30);
    expect(saidIn(proposed($bytes), $bytes))->toBe(madeFrom($form, 30));
})->with(Forms::names());

test('a proposed description stands the proof, and says so with what it changed for a try', function (string $form) {
    $proposal = proposed(Forms::file($form));
    $proof = Proof::of(Dialect::fromData($proposal->description), broughtBy($proposal), Forms::file($form));
    expect($proof->holds())
        ->toBeTrue()
        ->and($proof->bindings)
        ->toBe(count(Forms::bindings($form)))
        ->and($proof->left)
        ->toBe([])
        ->and($proof->changed)
        ->toContain(' to ');
})->with(Forms::names());

test('whatever is taken out, moved and put in is what is read again, in every form, and the rest of the file stays', function (
    string $form,
) {
    mt_srand(11);
    $bytes = Forms::file($form);
    $proposal = proposed($bytes);
    $application = broughtBy($proposal);
    $dialect = Dialect::fromData($proposal->description);
    $writer = new KeyFileWriter($dialect);
    $text = $bytes;
    $file = $dialect->read($text, $application);
    expect($writer->write($file, $file->bindings()) === $bytes)->toBeTrue();
    $written = 0;
    for ($step = 0; $step < 150; $step++) {
        $all = $file->bindings()->all();
        $wanted = $file->bindings();
        foreach (range(1, mt_rand(1, 4)) as $unused) {
            $wanted = count($wanted) > 12 && mt_rand(0, 1) === 0 ? $wanted->minus($all[mt_rand(0, count($all) - 1)]) : $wanted;
        }
        $model = $all[mt_rand(0, count($all) - 1)];
        $chord = Chord::parse(['', 'Primary+', 'Shift+', 'Primary+Shift+Alt+'][mt_rand(0, 3)].'F'.mt_rand(1, 12));
        $new = new Binding($chord, $model->command, $model->context);
        if (in_array($new->id(), $wanted->ids(), true)) {
            continue;
        }
        $isMoved = mt_rand(0, 2) === 0 && in_array($model->id(), $wanted->ids(), true);
        $wanted = $isMoved ? $wanted->minus($model)->plus($new) : $wanted->plus($new);
        try {
            $text = $writer->write($file, $wanted);
        } catch (CannotBeWritten) {
            continue;
        }
        $written++;
        $file = $dialect->read($text, $application);
        expect(Change::between($file->bindings(), $wanted)->isEmpty())->toBeTrue("step {$step}");
    }
    // And all the way back: nothing was lost on the way.
    $first = $dialect->read($bytes, $application)->bindings();
    $back = $dialect->read($writer->write($file, $first), $application);
    expect($written)
        ->toBeGreaterThan(100)
        ->and(Change::between($back->bindings(), $first)->isEmpty())
        ->toBeTrue();
})->with(Forms::names());

test('one binding changed changes only the line in which its chord stands', function (string $form) {
    $bytes = Forms::file($form);
    $proposal = proposed($bytes);
    $application = broughtBy($proposal);
    $dialect = Dialect::fromData($proposal->description);
    $encoding = TextEncoding::from($proposal->description['encoding'] ?? 'utf-8');
    $file = $dialect->read($bytes, $application);
    foreach ($file->bindings()->all() as $binding) {
        $wanted = $file->bindings()->minus($binding)->plus($binding->at(Chord::parse('Primary+F12')));
        $after = (string) $encoding->text((new KeyFileWriter($dialect))->write($file, $wanted));
        $changed = array_diff_assoc(explode("\n", $after), explode("\n", $file->text));
        expect(count($changed))->toBe(1)->and(substr_count($after, "\n"))->toBe(substr_count($file->text, "\n"));
    }
})->with(Forms::names());

test('from a blank file the same bindings are written and read', function (string $form) {
    $bytes = Forms::file($form);
    $proposal = proposed($bytes);
    $application = broughtBy($proposal);
    $dialect = Dialect::fromData($proposal->description);
    $bindings = $dialect->read($bytes, $application)->bindings();
    $blank = $dialect->read($dialect->blank(), $application);
    $again = $dialect->read((new KeyFileWriter($dialect))->write($blank, $bindings), $application);
    expect(count($blank->entries))
        ->toBe(0)
        ->and(Change::between($again->bindings(), $bindings)->isEmpty())
        ->toBeTrue();
})->with(Forms::names());

test('what is understood is marked where it stands', function () {
    $proposal = proposed(Forms::file('several'));
    $marking = Marking::of(Dialect::fromData($proposal->description)->description, Forms::file('several'));
    $lines = $marking->lines(1, 60);
    $line = array_values(array_filter($lines, static fn ($one): bool => str_starts_with($one->text, 'split_reel')))[0];
    expect(
        array_map(
            static fn (LineMark $one): string => $one->is.
                ' '.
                mb_substr($line->text, $one->from, $one->to - $one->from).
                ' '.
                $one->means,
            $line->marks,
        ),
    )
        ->toBe(['command split_reel ', 'chord Ctrl-B Primary+KeyB', 'chord F5 F5'])
        ->and($lines[0]->marks)
        ->toBe([])
        ->and($marking->left())
        ->toBe([])
        ->and(array_column($lines, 'number'))
        ->toBe(range(1, $marking->lineCount()));
});

test('a word that nobody knows is left, with its line, until somebody says what it means', function () {
    $bytes = "[global]\nplay = Space\nstop = Hyper+K\nundo = Ctrl+Z\nredo = Ctrl+Hyper+Z\nsave = Ctrl+S\ncopy = Ctrl+C\n";
    $before = proposed($bytes);
    $left = Marking::of(Dialect::fromData($before->description)->description, $bytes)->left();
    expect(array_keys($left))
        ->toBe([3, 5])
        ->and($left[3])
        ->toContain('Hyper');
    $after = proposed($bytes, [['says' => 'word', 'word' => 'Hyper', 'means' => 'Alt']]);
    expect(saidIn($after, $bytes))->toContain('global | stop | Alt+KeyK', 'global | redo | Primary+Alt+KeyZ');
});

test('what somebody points at is the command, the chord or the context, whatever was proposed', function () {
    $bytes =
        "group,what,does,combo,other\nA,1,play it,Space,Ctrl+1\nA,2,stop it,K,Ctrl+2\n".
        "B,3,cut it,Ctrl+B,Ctrl+3\nB,4,join it,Ctrl+J,Ctrl+4\nB,5,move it,Ctrl+M,Ctrl+5\n";
    $chord = ['says' => 'chord', 'line' => 4, 'from' => 11, 'to' => 17];
    $said = proposed($bytes, [
        $chord,
        ['says' => 'command', 'line' => 4, 'from' => 4, 'to' => 10],
        ['says' => 'context', 'line' => 4, 'from' => 0, 'to' => 1],
    ]);
    expect($said->description['chords'])
        ->toBe([['whole' => ['in' => ['combo']]]])
        ->and($said->description['command'])
        ->toBe(['in' => ['does']])
        ->and($said->description['context'] ?? [])
        ->toBe(['in' => ['group']]);
});

test('the head of a section is learned from one that is pointed at', function () {
    $bytes =
        "# --- Reel list ---\nsplit: Ctrl+B\njoin: Ctrl+J\nlock: Shift+L\n# --- Cue sheet ---\nnew: N\ncopy: Ctrl+C\ncolour: Alt+1\n";
    $proposal = proposed($bytes, [['says' => 'head', 'line' => 1, 'from' => 6, 'to' => 15]]);
    expect(array_column($proposal->contexts, 'name'))->toBe(['Everywhere', 'Reel list', 'Cue sheet']);
});

test('each part of a proposal says how sure it is', function () {
    $sure = [];
    foreach (proposed(Forms::file('columns'))->certainties as $one) {
        $sure[$one->of] = $one->percent;
    }
    expect(array_keys($sure))
        ->toBe(['shape', 'chord', 'command', 'context', 'spelling'])
        ->and(min($sure))
        ->toBeGreaterThan(50);
    $sums = array_values(
        array_filter(proposed(Forms::file('flags'))->certainties, static fn (Certainty $one): bool => $one->of === 'spelling'),
    );
    expect($sums[0]->percent)->toBeLessThan(50)->and($sums[0]->sentence)->toContain('guess');
});

test('what holds no keys is said to hold none', function (string $bytes) {
    expect(fn () => proposed($bytes))->toThrow(UnreadableKeyFile::class);
})->with([
    'a letter' => ["Dear all,\n\nthe trains run late again.\n\nYours\n"],
    'a list of prices' => ["tea;1.20\ncoffee;2.30\nmilk;0.80\nsugar;0.10\n"],
    'empty JSON' => ['{}'],
    'nothing' => ["\n\n"],
]);

test('mutated files of every form are read or refused, never anything else, and written back byte for byte', function (string $form) {
    mt_srand(77);
    $good = Forms::file($form);
    $proposal = proposed($good);
    $application = broughtBy($proposal);
    $dialect = Dialect::fromData($proposal->description);
    $read = 0;
    for ($number = 0; $number < 1_000; $number++) {
        $bytes = Mutation::of($good);
        try {
            $file = $dialect->read($bytes, $application);
        } catch (Refusal $refusal) {
            expect($refusal->remedy)->not->toBe('');

            continue;
        }
        $read++;
        if ((new KeyFileWriter($dialect))->write($file, $file->bindings()) !== $bytes) {
            $this->fail("Number {$number} is not written back.");
        }
    }
    expect($read)->toBeGreaterThan(20);
})->with(Forms::names());
