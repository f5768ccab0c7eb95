<?php

declare(strict_types=1);

use App\KeyFile\ImportedKeyFile;
use App\Models\Keymap;
use Zebrafinch\Core\Text\CanonicalJson;

/** @return array{removed: list<array<string, string>>, added: list<array<string, string>>} */
function adding(string $chord, string $command, string $context): array
{
    return ['removed' => [], 'added' => [['chord' => $chord, 'command' => $command, 'context' => $context, 'gesture' => 'tap']]];
}

test('until somebody makes a copy, the factory keymap is in use and protected', function () {
    $this->as('picture')
        ->getJson('/api/applications/cutloom/keymap')
        ->assertOk()
        ->assertJsonPath('id', null)
        ->assertJsonPath('is_protected', true)
        ->assertJsonPath('name', 'Factory');
});

test('the first change makes a named copy with the change in it', function () {
    $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', [
            'name' => 'Night trains',
            'title' => 'Split on B',
            'change' => adding('KeyB', 'split-at-playhead', 'timeline'),
        ])
        ->assertCreated()
        ->assertJsonPath('name', 'Night trains')
        ->assertJsonPath('undo', 'Split on B')
        ->assertJsonPath('version', 2);
    $cutloom = array_search('cutloom', array_column($this->getJson('/api/who?chord=KeyB')->assertOk()->json('applications'), 'id'), true);
    $this->getJson('/api/who?chord=KeyB')->assertJsonPath("applications.{$cutloom}.ladders.2.winner.command.id", 'split-at-playhead');
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Night trains'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'name-taken');
    expect(Keymap::query()->count())->toBe(1);
});

test('changes are undone and made again, and a new change forgets the undone ones', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $change = fn (int $version, string $chord) => $this->postJson("/api/keymaps/{$id}/changes", [
        'version' => $version,
        'title' => "On {$chord}",
        'change' => adding($chord, 'lift', 'timeline'),
    ]);
    $before = $this->getJson('/api/applications/cutloom/keymap')->json('bindings');
    $change(1, 'F6')->assertOk();
    $change(2, 'F7')->assertOk();
    $this->postJson("/api/keymaps/{$id}/undo", ['version' => 3])
        ->assertOk()
        ->assertJsonPath('undo', 'On F6')
        ->assertJsonPath('redo', 'On F7');
    $this->postJson("/api/keymaps/{$id}/redo", ['version' => 4])
        ->assertOk()
        ->assertJsonPath('undo', 'On F7')
        ->assertJsonPath('redo', null);
    $this->postJson("/api/keymaps/{$id}/undo", ['version' => 5])->assertOk();
    $this->postJson("/api/keymaps/{$id}/undo", ['version' => 6])
        ->assertOk()
        ->assertJsonPath('bindings', $before);
    $change(7, 'F8')->assertOk()->assertJsonPath('redo', null);
    $this->postJson("/api/keymaps/{$id}/redo", ['version' => 8])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'nothing-to-undo');
});

test('a write on an older version is refused, changes nothing, and can be made on top', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $write = ['version' => 1, 'title' => 'Lift on F6', 'change' => adding('F6', 'lift', 'timeline')];
    $this->postJson("/api/keymaps/{$id}/changes", [
        'version' => 1,
        'title' => 'Stop on F7',
        'change' => adding('F7', 'stop', 'everywhere'),
    ])->assertOk();
    $this->postJson("/api/keymaps/{$id}/changes", $write)
        ->assertStatus(409)
        ->assertJsonPath('merge.possible', true)
        ->assertJsonPath('merge.since', ['Stop on F7'])
        ->assertJsonPath('merge.version', 2)
        ->assertJsonPath('merge.consequences.raises_fault', false);
    expect(Keymap::query()->findOrFail($id)->version)->toBe(2);
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 2] + $write)
        ->assertOk()
        ->assertJsonPath('version', 3);
});

test('a change whose bindings are gone is never made on top', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $change = ['removed' => [['chord' => 'KeyD', 'command' => 'lift', 'context' => 'timeline', 'gesture' => 'tap']], 'added' => []];
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 1, 'title' => 'Off', 'change' => $change])->assertOk();
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 1, 'title' => 'Off', 'change' => $change])
        ->assertStatus(409)
        ->assertJsonPath('merge.possible', false)
        ->assertJsonPath('merge.conflicts.0.command', 'lift');
});

test('two changes that are fine alone and give one chord to two commands are told before the second is made', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $this->postJson("/api/keymaps/{$id}/changes", [
        'version' => 1,
        'title' => 'Stop on F7',
        'change' => adding('F7', 'stop', 'timeline'),
    ])->assertOk();
    $write = ['title' => 'Lift on F7', 'change' => adding('F7', 'lift', 'timeline')];
    $merge = $this->postJson("/api/keymaps/{$id}/changes", ['version' => 1] + $write)
        ->assertStatus(409)
        ->assertJsonPath('merge.possible', true)
        ->assertJsonPath('merge.consequences.raises_fault', true)
        ->json('merge');
    expect($merge['consequences']['raised'][0]['kind'])->toBe('double');
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 2] + $write)
        ->assertStatus(409)
        ->assertJsonPath('kind', 'raises-clash')
        ->assertJsonPath('consequences.raised.0.kind', 'double');
    expect(Keymap::query()->findOrFail($id)->version)->toBe(2);
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 2, 'despite_clashes' => true] + $write)
        ->assertOk()
        ->assertJsonPath('refused', 'Cutloom refuses the whole key file while Timeline has F7 twice.');
});

test('a way back that would put a chord twice in a context asks first', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $lift = ['chord' => 'KeyD', 'command' => 'lift', 'context' => 'timeline', 'gesture' => 'tap'];
    $this->postJson("/api/keymaps/{$id}/changes", [
        'version' => 1,
        'title' => 'Lift off',
        'change' => ['removed' => [$lift], 'added' => []],
    ])->assertOk();
    $this->postJson("/api/keymaps/{$id}/changes", [
        'version' => 2,
        'title' => 'Stop on D',
        'change' => adding('KeyD', 'stop', 'timeline'),
    ])->assertOk();
    $this->postJson("/api/keymaps/{$id}/revert", ['version' => 3, 'to' => 'factory', 'context' => 'timeline', 'command' => 'lift'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'raises-clash')
        ->assertJsonPath('consequences.raises_fault', true);
    expect(Keymap::query()->findOrFail($id)->version)->toBe(3);
    $this->postJson("/api/keymaps/{$id}/revert", [
        'version' => 3,
        'to' => 'factory',
        'context' => 'timeline',
        'command' => 'lift',
        'despite_clashes' => true,
    ])->assertOk();
    // The undo of it settles the fault, so nothing is asked.
    $this->postJson("/api/keymaps/{$id}/undo", ['version' => 4])
        ->assertOk()
        ->assertJsonPath('refused', null);
});

test('what is there already is told as that, and not as a keymap that has changed', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 1, 'title' => 'Lift', 'change' => adding('KeyD', 'lift', 'timeline')])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'does-not-fit')
        ->assertJsonPath('detail', 'Lift has KeyD in Timeline already.');
});

test('a change answers with the keymap that was changed, also where another is in use', function () {
    $first = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'First'])
        ->json('id');
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Second'])->assertCreated();
    $this->postJson("/api/keymaps/{$first}/changes", [
        'version' => 1,
        'title' => 'Lift on F6',
        'change' => adding('F6', 'lift', 'timeline'),
    ])
        ->assertOk()
        ->assertJsonPath('name', 'First')
        ->assertJsonPath('in_use', false);
});

test('an own keymap is copied and a release is opened, and what is in use stays in use', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', [
            'name' => 'Mine',
            'title' => 'Lift on F6',
            'change' => adding('F6', 'lift', 'timeline'),
        ])
        ->json('id');
    $mine = $this->getJson('/api/applications/cutloom/keymap')->json('bindings');
    $release = $this->postJson('/api/presets', ['name' => 'Desk', 'note' => 'x'])
        ->assertCreated()
        ->json('id');
    foreach ([['copy_of' => $id], ['release' => $release]] as $number => $from) {
        $this->postJson('/api/applications/cutloom/keymaps', ['name' => "Again {$number}", ...$from])
            ->assertCreated()
            ->assertJsonPath('in_use', false)
            ->assertJsonPath('undo', null)
            ->assertJsonPath('bindings', $mine);
    }
    $this->getJson('/api/applications/cutloom/keymap')->assertJsonPath('id', $id);
    $this->as('sound')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Theirs', 'copy_of' => $id])
        ->assertForbidden();
});

test('a change that names what does not exist is refused with the reason', function (array $change, string $kind) {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->json('id');
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 1, 'title' => 'x', 'change' => $change])
        ->assertStatus(422)
        ->assertJsonPath('kind', $kind);
    expect(Keymap::query()->findOrFail($id)->version)->toBe(1);
})->with([
    'a command' => [adding('KeyB', 'bake-bread', 'timeline'), 'unknown-command'],
    'a context' => [adding('KeyB', 'lift', 'kitchen'), 'unknown-context'],
    'a chord' => [adding('Hyper+KeyB', 'lift', 'timeline'), 'unreadable-chord'],
    'nothing at all' => [['removed' => []], 'invalid-input'],
    'what the key file cannot say' => [adding("Primary+'<'", 'lift', 'timeline'), 'unreadable-chord'],
]);

test('bringing in a key file reports on it and opens it as a keymap', function () {
    $bytes = (string) file_get_contents(base_path('core/tests/Dialect/fixtures/cutloom/good/refused-double.xml'));
    $report = $this->as('picture')
        ->bringIn('cutloom', $bytes)
        ->assertCreated()
        ->assertJsonPath('would_be_refused', true)
        ->assertJsonPath('findings.0.line', 5)
        ->assertJsonPath('bindings_read', 3);
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'To mend', 'key_file' => $report->json('id')])
        ->assertCreated()
        ->assertJsonCount(3, 'bindings');
    $clashes = $this->getJson('/api/applications/cutloom/clashes')->assertOk()->assertJsonPath('clashes.0.grade', 'fault');
    $remedies = $this->getJson('/api/applications/cutloom/clashes/'.$clashes->json('clashes.0.id'))
        ->assertOk()
        ->json('remedies');
    expect($remedies)
        ->not->toBe([])
        ->and($remedies[0]['consequences']['settled'][0]['kind'])
        ->toBe('double');
});

test('a file that cannot be read is refused, and nothing is kept', function (string $application, string $bytes, string $says) {
    $this->as('picture')
        ->bringIn($application, $bytes)
        ->assertStatus(422)
        ->assertJsonPath('kind', 'unreadable-key-file')
        ->assertSee($says, false);
    expect(ImportedKeyFile::query()->count())->toBe(0);
})->with([
    'not XML' => ['cutloom', 'my keys', 'line 1'],
    'an entity bomb' => ['cutloom', '<!DOCTYPE a [<!ENTITY b "b">]><cutloom-keys>&b;</cutloom-keys>', 'document type'],
    'UTF-16' => ['faderloft', "\xFF\xFEa\x00", 'UTF-16'],
    'bytes no text has' => ['faderloft', "area\thold\tkey\taction\ntracks\t-\tv\t\0", 'not text'],
]);

test('one bad file loses nothing of another', function () {
    $good = (string) file_get_contents(base_path('catalogues/faderloft/factory.tsv'));
    $id = $this->as('picture')->bringIn('faderloft', $good)->json('id');
    $this->bringIn('faderloft', 'junk')->assertStatus(422);
    $this->getJson("/api/key-files/{$id}")
        ->assertOk()
        ->assertJsonPath('findings', []);
});

test('finding, remapping, free chords and stripes answer in the shapes they promise', function () {
    $this->as('picture');
    $this->getJson('/api/find?words=razor')
        ->assertOk()
        ->assertJsonFragment(['id' => 'split-at-playhead']);
    $this->getJson('/api/find?words=')->assertOk()->assertJsonPath('answers', []);
    $remap = $this->getJson('/api/applications/cutloom/remap?command=split-at-playhead&chord=KeyX')->assertOk();
    expect(array_column($remap->json('wanted.choices'), 'kind'))
        ->toBe(['take-over', 'take-over-instead', 'swap', 'add-beside'])
        ->and($remap->json('wanted.holders.0.command.id'))
        ->toBe('add-cross-dissolve')
        ->and($remap->json('offers'))
        ->toHaveCount(8);
    $this->getJson('/api/stripes')->assertOk()->assertJsonPath('stripes.0.state', 'broken');
    $this->getJson('/api/applications/cutloom')->assertOk()->assertJsonCount(111, 'commands');
});

test('what is pressed on Linux is written as primary, and printed as it is there', function () {
    $this->as('picture')
        ->getJson('/api/who?chord=Control%2BKeyS&system=linux')
        ->assertOk()
        ->assertJsonPath('chord.id', 'Primary+KeyS')
        ->assertJsonPath('chord.label', 'Ctrl+S');
});

test('questions that cannot be answered say what is wrong', function (string $path, string $kind) {
    $this->as('picture')->getJson($path)->assertStatus(422)->assertJsonPath('kind', $kind);
})->with([
    ['/api/who', 'invalid-input'],
    ['/api/who?chord=Foo', 'unreadable-chord'],
    ['/api/who?chord=KeyS&system=amiga', 'invalid-input'],
    ['/api/applications/cutloom/remap?command=nosuch', 'unknown-command'],
    ['/api/table?layout=klingon', 'invalid-input'],
    ['/api/find?words=x&only=red', 'invalid-input'],
    ['/api/travel?to_board=full-iso&to_layout=german', 'invalid-input'],
    ['/api/stripes?board=../../etc/passwd', 'invalid-input'],
]);

test('a release is numbered, has a digest over its contents, and cannot be changed even in the database', function () {
    $this->as('picture')
        ->postJson('/api/presets', ['name' => 'House', 'note' => 'too early'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'empty-preset');
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])->assertCreated();
    $first = $this->postJson('/api/presets', ['name' => 'House', 'note' => 'the first'])
        ->assertCreated()
        ->assertJsonPath('number', 1);
    $row = App\Models\Release::query()->with('files')->findOrFail($first->json('id'));
    expect(CanonicalJson::digest($row->content))
        ->toBe($row->digest)
        ->and($row->files[0]->bytes)
        ->toBe((string) file_get_contents(base_path('catalogues/cutloom/factory.xml')));
    foreach (['update releases set note = note', 'delete from release_files'] as $statement) {
        expect(fn () => DB::transaction(fn () => DB::statement($statement)))->toThrow(
            Illuminate\Database\QueryException::class,
            'cannot be changed',
        );
    }
});

test('keymaps are switched, and the factory one can be gone back to', function () {
    $first = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Desk'])
        ->json('id');
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Road'])->assertJsonPath('name', 'Road');
    $this->postJson("/api/keymaps/{$first}/use")
        ->assertOk()
        ->assertJsonPath('name', 'Desk');
    $this->postJson('/api/applications/cutloom/use-factory')->assertOk()->assertJsonPath('is_protected', true);
    $this->getJson('/api/keymaps')->assertJsonCount(2, 'keymaps');
});

test('a key file of another application is told so', function () {
    $this->as('picture')
        ->bringIn('rotomere', (string) file_get_contents(base_path('catalogues/easeframe/factory.keys')))
        ->assertStatus(422)
        ->assertJsonPath('detail', 'This looks like a key file of Easeframe, not of Rotomere.')
        ->assertJsonPath('remedy', 'Bring it in for Easeframe, or choose the key file of Rotomere.');
});

test('a keymap that follows tells what it took in, and what did not go together with its own, until it is saved', function () {
    $desk = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Desk'])
        ->json('id');
    $road = $this->postJson('/api/applications/cutloom/variants', [
        'name' => 'Road',
        'title' => 'For the road',
        'change' => adding('F6', 'lift', 'timeline'),
    ])
        ->assertCreated()
        ->json('id');
    $change = fn (int $version, string $key, string $command) => $this->postJson("/api/keymaps/{$desk}/changes", [
        'version' => $version,
        'title' => "{$command} on {$key}",
        'change' => adding($key, $command, 'timeline'),
    ])->assertOk();
    $change(1, 'F7', 'stop');
    $change(2, 'F6', 'stop');
    $this->postJson("/api/keymaps/{$road}/use")
        ->assertOk()
        ->assertJsonPath('notices.0.title', 'Desk: stop on F6')
        ->assertJsonPath('notices.0.sentences.0', 'F6 came with Stop, and you have it for Lift.')
        ->assertJsonPath('notices.1', ['title' => 'Desk: stop on F7', 'sentences' => []])
        ->assertJsonPath('undo', 'For the road')
        ->assertJsonPath('refused', 'Cutloom refuses the whole key file while Timeline has F6 twice.')
        ->assertJsonPath('unsaved', 0);
    $version = $this->getJson('/api/applications/cutloom/keymap')->json('version');
    // Its own step is undone: what is followed stays.
    $undone = $this->postJson("/api/keymaps/{$road}/undo", ['version' => $version])
        ->assertOk()
        ->json('bindings');
    expect(array_column($undone, 'id'))
        ->toContain('timeline F6 tap stop')
        ->toContain('timeline F7 tap stop')
        ->not->toContain('timeline F6 tap lift');
    $this->postJson("/api/keymaps/{$road}/save", ['version' => $version + 1])
        ->assertOk()
        ->assertJsonPath('notices', []);
});

test('a variant that was deleted while its parent changed takes that in when it is restored', function () {
    $desk = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Desk'])
        ->json('id');
    $road = $this->postJson('/api/applications/cutloom/variants', [
        'name' => 'Road',
        'title' => 'For the road',
        'change' => adding('F6', 'lift', 'timeline'),
    ])->json('id');
    $this->deleteJson("/api/keymaps/{$road}")->assertOk();
    $this->postJson("/api/keymaps/{$desk}/changes", [
        'version' => 1,
        'title' => 'Stop',
        'change' => adding('F7', 'stop', 'timeline'),
    ])->assertOk();
    $this->postJson("/api/keymaps/{$road}/restore")->assertOk();
    $ids = array_column($this->postJson("/api/keymaps/{$road}/use")->json('bindings'), 'id');
    expect($ids)->toContain('timeline F6 tap lift')->toContain('timeline F7 tap stop');
});

test('an undo tells what came of it, as a change does before it is made', function () {
    $id = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertJsonPath('came_of_it', null)
        ->json('id');
    $this->postJson("/api/keymaps/{$id}/changes", ['version' => 1, 'title' => 'Lift', 'change' => adding('F6', 'lift', 'timeline')])
        ->assertOk()
        ->assertJsonPath('came_of_it.relearning.0.command.id', 'lift');
    $told = $this->postJson("/api/keymaps/{$id}/undo", ['version' => 2])
        ->assertOk()
        ->json('came_of_it');
    expect(array_column($told['relearning'][0]['before'], 'id'))
        ->toContain('F6')
        ->and(array_column($told['relearning'][0]['after'], 'id'))
        ->not->toContain('F6');
});

test('a variant that was deleted before its parent was follows nothing, and is as it was when it is restored', function () {
    $desk = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Desk'])
        ->json('id');
    $wanted = ['name' => 'Road', 'title' => 'For the road', 'change' => adding('F6', 'lift', 'timeline')];
    $made = $this->postJson('/api/applications/cutloom/variants', $wanted)->json();
    $this->deleteJson("/api/keymaps/{$made['id']}")->assertOk();
    $this->postJson("/api/keymaps/{$desk}/changes", ['version' => 1, 'title' => 'Stop', 'change' => adding('F7', 'stop', 'timeline')])
        ->assertOk();
    $this->deleteJson("/api/keymaps/{$desk}")->assertOk();
    $this->postJson("/api/keymaps/{$made['id']}/restore")->assertOk();
    $this->postJson("/api/keymaps/{$desk}/restore")->assertOk();
    $this->postJson("/api/keymaps/{$made['id']}/use")
        ->assertOk()
        ->assertJsonPath('follows', null)
        ->assertJsonPath('bindings', $made['bindings']);
});
