<?php

declare(strict_types=1);

use App\Description\HouseApplication;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Suite;
use Illuminate\Http\UploadedFile;
use Zebrafinch\Core\Tests\Dialect\Forms;

/** @param  array<string, mixed>  $change */
function described(object $test, array $brought, array $change): array
{
    return $test
        ->patchJson("/api/house-applications/{$brought['id']}", ['version' => $brought['version']] + $change)
        ->assertOk()
        ->json();
}

test('a key file that nobody knows is proposed for, marked and proven, and appears nowhere yet', function () {
    $this->as('picture');
    $brought = $this->broughtApplication()->json();
    $split = collect($brought['lines'])->first(static fn (array $line): bool => str_starts_with($line['text'], 'split_reel'));
    expect($brought['state'])
        ->toBe('draft')
        ->and($brought['proof']['holds'])
        ->toBeTrue()
        ->and($brought['proof']['bindings'])
        ->toBe(count(Forms::bindings('several')))
        ->and(array_column($split['marks'], 'is'))
        ->toBe(['command', 'chord', 'chord'])
        ->and(array_column($brought['contexts'], 'name'))
        ->toBe(['Everywhere', 'Reel list', 'Cue sheet', 'Waveform'])
        ->and(
            collect($this->getJson('/api/applications')->json('applications'))
                ->pluck('id')
                ->all(),
        )
        ->not->toContain('lanternfish');
});

test('an editor proposes and the keeper confirms; then it is an application like any other', function () {
    $this->as('picture');
    $brought = $this->broughtApplication()->json();
    $path = "/api/house-applications/{$brought['id']}";
    $proposed = $this->postJson("{$path}/ready", ['version' => $brought['version']])
        ->assertOk()
        ->json();
    expect($proposed['state'])->toBe('proposed');
    $this->as('sound')
        ->patchJson($path, ['version' => $proposed['version'], 'name' => 'Mine'])
        ->assertForbidden();
    $this->as('keeper')
        ->postJson("{$path}/ready", ['version' => $proposed['version']])
        ->assertJsonPath('state', 'in-use');

    $this->as('picture');
    expect(
        collect($this->getJson('/api/applications')->json('applications'))
            ->pluck('name')
            ->all(),
    )->toContain('Lanternfish');
    $this->patchJson($path, ['version' => $proposed['version'] + 1, 'name' => 'Mine'])->assertForbidden();
    $who = $this->getJson('/api/who?application=lanternfish&chord=Primary%2BKeyB&focus=reel-list')->assertOk();
    expect(json_encode($who->json()))->toContain('Split reel');
    $this->getJson('/api/applications/lanternfish/clashes')->assertOk();
    $this->getJson('/api/stripes')->assertOk();
    $keymap = $this->keymap('lanternfish', 'split-reel', 'Shift+F9', 'reel-list');
    $file = $this->get("/api/keymaps/{$keymap}/key-file")
        ->assertOk()
        ->getContent();
    expect($file)->toContain('Shift-F9')->and(substr_count((string) $file, "\n"))->toBe(substr_count(Forms::file('several'), "\n"));
});

test('a keymap in another encoding is opened, changed and comes out in it', function () {
    $slug = $this->applicationInUse('utf16', 'Wehr');
    $this->as('picture');
    $keymap = $this->keymap($slug, 'undo', 'Shift+F9', 'everywhere');
    $file = (string) $this->get("/api/keymaps/{$keymap}/key-file")
        ->assertOk()
        ->getContent();
    expect(str_starts_with($file, "\xFF\xFE"))
        ->toBeTrue()
        ->and(mb_convert_encoding($file, 'UTF-8', 'UTF-16LE'))
        ->toContain("undo=Umschalt+F9\r\n")
        ->and(Keymap::query()->findOrFail($keymap)->source === Forms::file('utf16'))
        ->toBeTrue();
    $id = $this->bringIn($slug, Forms::file('utf16'))->assertCreated()->json('id');
    $this->getJson("/api/key-files/{$id}")->assertJsonPath('bindings_read', count(Forms::bindings('utf16')));
});

test('what is pointed at, named, or said of who wins stays when something else is corrected', function () {
    $this->as('picture');
    $brought = $this->broughtApplication('flags', 'Pebble')->json();
    $contexts = $brought['contexts'];
    $contexts[1]['name'] = 'Rolls';
    $contexts[2]['parent'] = $contexts[1]['id'];
    $after = described($this, $brought, [
        'contexts' => $contexts,
        'precedence' => 'everywhere-first',
        'loading' => 'refuse-file',
        'commands' => [
            ['do' => 'change', 'id' => 'undo', 'name' => 'Take it back', 'menu' => ['Edit', 'Take it back'], 'traits' => ['repeats']],
        ],
    ]);
    $word = ['says' => 'word', 'word' => '1', 'means' => 'Alt'];
    $again = described($this, $after, ['corrections' => [$word]]);
    $undo = collect($again['commands'])->firstWhere('id', 'undo');
    expect(array_column($again['contexts'], 'name'))
        ->toBe(['Everywhere', 'Rolls', 'Cues', 'Wave'])
        ->and($again['contexts'][2]['parent'])
        ->toBe('reels')
        ->and($again['precedence'])
        ->toBe('everywhere-first')
        ->and([$undo['name'], $undo['menu'], $undo['traits']])
        ->toBe(['Take it back', ['Edit', 'Take it back'], ['repeats']])
        ->and($again['dialect'])
        ->toContain('"1": "Alt"');
    // And a stale change is refused, with nothing done.
    $this->patchJson("/api/house-applications/{$brought['id']}", ['version' => 1, 'name' => 'x'])->assertStatus(409);
});

test('commands come from a list, a table and another catalogue, and two become one', function () {
    $this->as('picture');
    $brought = $this->broughtApplication()->json();
    $after = described($this, $brought, [
        'commands' => [
            ['do' => 'add', 'text' => "Count the reels\nUndo\n"],
            [
                'do' => 'add',
                'text' => "word\tname\tmenu\ttip\nsplit_reel\tSplit the reel\tReel > Split\tAt the playhead\n".
                    "\tNew thing\tFile > New thing\t\n",
                'columns' => ['word', 'name', 'menu', 'tooltip'],
                'has_header' => true,
            ],
            ['do' => 'merge', 'id' => 'new-thing', 'into' => 'count-the-reels'],
        ],
    ]);
    $byId = collect($after['commands'])->keyBy('id');
    expect($after['command_count'])
        ->toBe($brought['command_count'] + 1)
        ->and($byId['split-reel'])
        ->toMatchArray([
            'name' => 'Split the reel',
            'menu' => ['Reel', 'Split'],
            'tooltip' => 'At the playhead',
            'written' => 'split_reel',
        ])
        ->and($byId['count-the-reels']['traits'])
        ->toBe(['menu-only'])
        ->and($byId['count-the-reels']['menu'])
        ->toBe(['File', 'New thing']);
    $copied = described($this, $after, ['commands' => [['do' => 'copy', 'application' => 'cutloom']]]);
    expect($copied['command_count'])->toBeGreaterThan($after['command_count'] + 50);
});

test('nothing like keys, no keys at all and a description that is none are refused with what to do', function () {
    $this->as('picture');
    $refused = fn (string $bytes) => $this->post(
        '/api/house-applications',
        ['name' => 'X', 'files' => [UploadedFile::fake()->createWithContent('x.txt', $bytes)]],
        ['Accept' => 'application/json'],
    )->assertStatus(422);
    $refused("Dear all,\nthe trains run late.\n")->assertJsonPath('kind', 'unreadable-key-file');
    $refused("\x00\x01\x02");
    $brought = $this->broughtApplication()->json();
    $this->patchJson("/api/house-applications/{$brought['id']}", ['version' => 1, 'dialect' => ['shape' => ['kind' => 'clouds']]])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'invalid-description');
    expect(HouseApplication::query()->count())
        ->toBe(1)
        ->and(HouseApplication::query()->firstOrFail()->version)
        ->toBe(1);
});

test('a second chord where the file holds one is refused when it is chosen, with nothing stored', function () {
    $this->as('keeper');
    $file = UploadedFile::fake()->createWithContent(
        'x.json',
        '{"split": "Ctrl+B", "join": "Ctrl+J", "play": "Space", "stop": "K", "mark": "M"}',
    );
    $brought = $this->post('/api/house-applications', ['name' => 'Weir', 'files' => [$file]], ['Accept' => 'application/json'])->json();
    $this->postJson("/api/house-applications/{$brought['id']}/ready", ['version' => $brought['version']])->assertJsonPath(
        'state',
        'in-use',
    );
    $id = $this->postJson('/api/applications/weir/keymaps', ['name' => 'Mine'])->json('id');
    $second = ['chord' => 'F5', 'command' => 'split', 'context' => 'everywhere', 'gesture' => 'tap'];
    $change = ['version' => 1, 'title' => 'F5 too', 'change' => ['removed' => [], 'added' => [$second]]];
    $this->postJson("/api/keymaps/{$id}/changes", $change)
        ->assertStatus(422)
        ->assertJsonPath('kind', 'cannot-be-written');
    expect(Keymap::query()->findOrFail($id)->version)->toBe(1);
    $instead = ['removed' => [['chord' => 'Primary+KeyB'] + $second], 'added' => [$second]];
    $this->postJson("/api/keymaps/{$id}/changes", ['change' => $instead] + $change)->assertOk();
});

test('a newer key file is taken in with an account that adds up, and one way back', function () {
    $slug = $this->applicationInUse();
    $row = HouseApplication::query()->where('slug', $slug)->firstOrFail();
    $this->as('picture');
    $keymap = $this->keymap($slug, 'split-reel', 'Shift+F9', 'reel-list');
    $count = count(Keymap::query()->findOrFail($keymap)->bindings);
    $newer = str_replace(
        ['lock_reel: Shift-L', 'join_reels:', 'mute: M'],
        ['seal_up: F11', 'join_two_reels:', 'mute: Shift-M'],
        Forms::file('several'),
    );
    $this->as('keeper');
    $send = fn (string $path) => $this->post(
        "/api/house-applications/{$row->id}/{$path}",
        ['version' => $row->version, 'file' => UploadedFile::fake()->createWithContent('newer.conf', $newer)],
        ['Accept' => 'application/json'],
    )->assertOk();
    $preview = $send('version-previews')->json();
    $account = collect($preview['keymaps'])->firstWhere('id', $keymap);
    expect(array_column($preview['gone'], 'id'))
        ->toBe(['lock-reel'])
        ->and($preview['new'])
        ->toBe(['seal_up'])
        ->and($preview['renamed'])
        ->toBe([['id' => 'join-reels', 'name' => 'Join reels', 'word' => 'join_two_reels']])
        ->and(array_column($preview['chords_added'], 'chord'))
        ->toBe(['Shift+KeyM'])
        ->and([$account['all'], $account['stay'] + $account['renamed'] + $account['gone'], $account['renamed'], $account['gone']])
        ->toBe([$count, $count, 1, 1]);
    $after = $send('versions')->json();
    expect($after['has_earlier'])->toBeTrue()->and($after['proof']['holds'])->toBeTrue();
    expect(count(Keymap::query()->findOrFail($keymap)->bindings))->toBe($count - 1);
    $file = $this->as('picture')
        ->get("/api/keymaps/{$keymap}/key-file")
        ->getContent();
    expect($file)->toContain('join_two_reels: Ctrl-Shift-J')->not->toContain('lock_reel: Shift-L');
    $this->as('keeper')
        ->deleteJson("/api/house-applications/{$row->id}/versions", ['version' => $after['version']])
        ->assertOk()
        ->assertJsonPath('has_earlier', false);
    expect(count(Keymap::query()->findOrFail($keymap)->bindings))->toBe($count);
});

test('an application goes out as one signed file and comes in again; a forged one does not', function () {
    $slug = $this->applicationInUse();
    $row = HouseApplication::query()->where('slug', $slug)->firstOrFail();
    $file = (string) $this->get("/api/house-applications/{$row->id}/file")
        ->assertOk()
        ->getContent();
    $send = fn (string $path, string $bytes) => $this->post(
        "/api/house-applications/{$path}",
        ['file' => UploadedFile::fake()->createWithContent('x.json', $bytes)],
        ['Accept' => 'application/json'],
    );
    $send('file-previews', $file)
        ->assertOk()
        ->assertJson([
            'is_new' => false,
            'signer' => 'this-house',
            'commands_new' => 0,
            'commands_gone' => 0,
            'changes_key_file' => false,
        ]);
    $row->delete();
    $send('file-previews', $file)->assertJson(['is_new' => true]);
    $send('file-previews', str_replace('Split reel', 'Split wheel', $file))
        ->assertStatus(422)
        ->assertJsonPath('kind', 'bad-application-file');
    $send('files', $file)
        ->assertCreated()
        ->assertJson(['slug' => $slug, 'state' => 'draft', 'proof' => ['holds' => true]]);
    $send(
        'files',
        str_replace('"id": "lanternfish"', '"id": "cutloom"', (string) preg_replace('/,\s*"signature".*$/s', '}', $file)),
    )->assertStatus(422);
});

test('what is in use is put away and comes back, and is never destroyed', function () {
    $slug = $this->applicationInUse();
    $row = HouseApplication::query()->where('slug', $slug)->firstOrFail();
    $this->deleteJson("/api/house-applications/{$row->id}", ['version' => $row->version])->assertStatus(409);
    $away = $this->postJson("/api/house-applications/{$row->id}/put-away", ['version' => $row->version])
        ->assertOk()
        ->json();
    expect($this->getJson('/api/applications')->json('applications.*.id'))->not->toContain($slug);
    $this->postJson("/api/house-applications/{$row->id}/ready", ['version' => $away['version']])->assertJsonPath('state', 'in-use');
    expect($this->getJson('/api/applications')->json('applications.*.id'))->toContain($slug);
});

test('a broken application stands where it is told, and everything else works', function () {
    $slug = $this->applicationInUse();
    HouseApplication::query()
        ->where('slug', $slug)
        ->firstOrFail()
        ->update(['dialect' => ['id' => 'x', 'shape' => ['kind' => 'clouds']]]);
    app(Library::class)->forget();
    $broken = $this->as('picture')->getJson('/api/house-applications')->assertOk()->json('broken');
    expect($broken)->toHaveCount(1)->and($broken[0]['id'])->toBe($slug)->and($broken[0]['sentence'])->toContain('cannot be used');
    foreach (['/api/applications', '/api/table', '/api/stripes', '/api/intents', '/api/suites'] as $path) {
        $this->getJson($path)->assertOk();
    }
    $this->getJson("/api/applications/{$slug}")
        ->assertStatus(422)
        ->assertJsonPath('kind', 'broken-application');
});

test('a suite has an application of the house like any other, and its file comes there', function () {
    $slug = $this->applicationInUse();
    $suite = Suite::query()->where('slug', 'dunlin')->firstOrFail();
    $this->as('keeper')
        ->patchJson('/api/suites/dunlin', ['applications' => [...$suite->applications, $slug]])
        ->assertOk();
    expect($suite->refresh()->applications)->toContain($slug);
    $this->as('picture')
        ->patchJson('/api/suites/dunlin', ['applications' => ['cutloom']])
        ->assertForbidden();
    $this->as('keeper')
        ->patchJson('/api/suites/dunlin', ['applications' => ['cloudware']])
        ->assertStatus(422);
});

test('what is put away, or broken, in a suite that has it takes neither the suite nor the list down', function (string $what) {
    $slug = $this->applicationInUse();
    $suite = Suite::query()->where('slug', 'dunlin')->firstOrFail();
    $this->as('keeper')
        ->patchJson('/api/suites/dunlin', ['applications' => [...$suite->applications, $slug]])
        ->assertOk();
    $row = HouseApplication::query()->where('slug', $slug)->firstOrFail();
    if ($what === 'put away') {
        $this->postJson("/api/house-applications/{$row->id}/put-away", ['version' => $row->version])->assertOk();
    } else {
        $row->update(['dialect' => ['id' => 'x', 'shape' => ['kind' => 'clouds']]]);
    }
    app(Library::class)->forget();
    $this->getJson('/api/suites')->assertOk();
    $this->getJson('/api/suites/dunlin')->assertOk();
    $this->asAgent('dunlin')->getJson('/api/agent/assignment')->assertOk();
    expect($this->as('picture')->getJson('/api/applications')->json('applications.*.id'))->not->toContain($slug);
    $this->getJson("/api/applications/{$slug}")->assertStatus($what === 'put away' ? 200 : 422);
})->with(['put away', 'broken']);
