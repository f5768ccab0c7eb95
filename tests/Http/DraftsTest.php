<?php

declare(strict_types=1);

/** @return array<string, mixed> a keymap of Cutloom with one change */
function draft($test, string $name = 'Draft'): array
{
    return $test
        ->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', [
            'name' => $name,
            'title' => 'F13 splits',
            'change' => [
                'removed' => [],
                'added' => [['chord' => 'F13', 'command' => 'split-at-playhead', 'context' => 'timeline']],
            ],
        ])
        ->assertCreated()
        ->json();
}

test('what was changed since the last save is counted, found, compared, and can be gone back on', function () {
    $keymap = draft($this);
    expect($keymap['unsaved'])->toBe(1);
    $hits = array_merge(...array_column($this->getJson('/api/find?words=split&application=cutloom&only=unsaved')->json('answers'), 'hits'));
    expect(array_column(array_column($hits, 'command'), 'id'))->toBe(['split-at-playhead']);
    $this->getJson("/api/keymaps/{$keymap['id']}/comparison?with=saved")
        ->assertOk()
        ->assertJsonPath('differences.0.command.id', 'split-at-playhead')
        ->assertJsonPath('differences.0.after.0.chord.id', 'F13');

    $this->postJson("/api/keymaps/{$keymap['id']}/save", ['version' => 1])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'stale-keymap');
    $this->postJson("/api/keymaps/{$keymap['id']}/save", ['version' => $keymap['version']])
        ->assertOk()
        ->assertJsonPath('unsaved', 0);
    $changed = $this->postJson("/api/keymaps/{$keymap['id']}/changes", [
        'version' => $keymap['version'],
        'title' => 'F14 lifts',
        'change' => [
            'removed' => [],
            'added' => [['chord' => 'F14', 'command' => 'lift', 'context' => 'timeline']],
        ],
    ])
        ->assertOk()
        ->assertJsonPath('unsaved', 1)
        ->json();

    // Back to the last save keeps F13; back to the factory keymap does not. Both can be undone.
    $back = $this->postJson("/api/keymaps/{$keymap['id']}/revert", ['to' => 'saved', 'version' => $changed['version']])
        ->assertOk()
        ->assertJsonPath('unsaved', 0)
        ->assertJsonPath('undo', 'Back to the last save')
        ->json();
    expect(array_column(array_column($back['bindings'], 'chord'), 'id'))->toContain('F13')->not->toContain('F14');
    $factory = $this->postJson("/api/keymaps/{$keymap['id']}/revert", [
        'to' => 'factory',
        'version' => $back['version'],
        'command' => 'split-at-playhead',
    ])
        ->assertOk()
        ->json();
    expect(array_column(array_column($factory['bindings'], 'chord'), 'id'))->not->toContain('F13');
    $this->postJson("/api/keymaps/{$keymap['id']}/undo", ['version' => $factory['version']])
        ->assertOk()
        ->assertJsonPath('unsaved', 0);
    $this->getJson("/api/keymaps/{$keymap['id']}/comparison?with=factory")->assertJsonCount(1, 'differences');
    $this->postJson("/api/keymaps/{$keymap['id']}/revert", ['to' => 'factory', 'version' => $factory['version']])->assertStatus(409);
});

test('keymaps are named, tagged, put away and taken back', function () {
    $one = draft($this, 'Desk');
    $other = draft($this, 'Road');
    $this->patchJson("/api/keymaps/{$other['id']}", ['name' => 'Desk'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'name-taken');
    $labelled = $this->patchJson("/api/keymaps/{$other['id']}", ['name' => 'On the road', 'tags' => ['road', 'road', 'laptop']])
        ->assertOk()
        ->json('keymaps');
    expect(array_column($labelled, 'tags', 'name')['On the road'])->toBe(['road', 'laptop']);
    $this->getJson("/api/keymaps/{$other['id']}/comparison?with={$one['id']}")
        ->assertOk()
        ->assertJsonPath('with', 'Desk')
        ->assertJsonPath('differences', []);

    $this->deleteJson("/api/keymaps/{$other['id']}")
        ->assertOk()
        ->assertJsonCount(1, 'keymaps')
        ->assertJsonPath('deleted.0.name', 'On the road');
    // The one in use is gone, so the factory keymap is in use.
    $this->getJson('/api/applications/cutloom/keymap')->assertJsonPath('is_protected', true);
    $this->postJson("/api/keymaps/{$other['id']}/changes", [
        'version' => 2,
        'title' => 'x',
        'change' => ['removed' => [], 'added' => []],
    ])->assertStatus(404);
    $this->postJson("/api/keymaps/{$other['id']}/restore")
        ->assertOk()
        ->assertJsonCount(2, 'keymaps')
        ->assertJsonPath('deleted', []);
    $this->deleteJson("/api/keymaps/{$other['id']}")->assertOk();
    draft($this, 'On the road');
    $this->postJson("/api/keymaps/{$other['id']}/restore")
        ->assertStatus(422)
        ->assertJsonPath('kind', 'name-taken');
});

test('somebody else does not see, compare, save or delete my keymaps', function () {
    $mine = draft($this);
    $theirs = $this->as('sound')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Theirs'])
        ->json();
    foreach (
        [
            ['post', 'save'],
            ['post', 'revert'],
            ['get', 'comparison?with=saved'],
            ['post', 'restore'],
            ['patch', ''],
            ['delete', ''],
        ] as [$method, $path]
    ) {
        $this->json($method, rtrim("/api/keymaps/{$mine['id']}/{$path}", '/'), [
            'version' => 2,
            'to' => 'saved',
            'name' => 'x',
        ])->assertStatus(403);
    }
    $this->getJson("/api/keymaps/{$theirs['id']}/comparison?with={$mine['id']}")->assertStatus(403);
});

test('a chord is freed for one line of a key file, and the lines that went are shown', function () {
    $file = $this->as('motion')
        ->bringIn('easeframe', "[canvas]\npen = g\nshape-tool = g\ntext-tool = g\npen = shift+g\n", 'easeframe.keys')
        ->assertCreated()
        ->assertJsonPath('findings.0.kind', 'dead')
        ->json();
    $freed = $this->postJson("/api/key-files/{$file['id']}/free", ['line' => 3])
        ->assertCreated()
        ->json();
    expect($freed['removed'])
        ->toBe([['line' => 2, 'text' => 'pen = g'], ['line' => 4, 'text' => 'text-tool = g']])
        ->and($freed['findings'])
        ->toBe([])
        ->and($freed['bindings_read'])
        ->toBe(2)
        ->and($freed['id'])
        ->not->toBe($file['id']);
    $this->getJson("/api/key-files/{$file['id']}")->assertJsonPath('bindings_read', 4);
    $this->postJson("/api/key-files/{$file['id']}/free", ['line' => 1])->assertStatus(404);
});
