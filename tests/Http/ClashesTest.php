<?php

declare(strict_types=1);

/** A Faderloft keymap with a double: K halts and plays. */
function withDouble($test): array
{
    return $test
        ->as('sound')
        ->postJson('/api/applications/faderloft/keymaps', [
            'name' => 'Doubled',
            'title' => 'K plays too',
            'despite_clashes' => true,
            'change' => [
                'removed' => [],
                'added' => [['chord' => 'KeyK', 'command' => 'play', 'context' => 'everywhere', 'gesture' => 'tap']],
            ],
        ])
        ->assertCreated()
        ->json();
}

/** @return list<array<string, mixed>> */
function faultsOf($test, string $application = 'faderloft'): array
{
    return array_values(
        array_filter(
            $test
                ->getJson("/api/applications/{$application}/clashes")
                ->assertOk()
                ->json('clashes'),
            static fn (array $one): bool => $one['grade'] === 'fault',
        ),
    );
}

test('the factory keymaps have no fault at the keyboard they are made for', function (string $application) {
    expect(array_column(faultsOf($this->as('picture'), $application), 'sentence'))->toBe([]);
})->with(['boardwick', 'cutloom', 'easeframe', 'faderloft', 'gradewell', 'rotomere']);

test('a clash that is meant stays so until one of its bindings changes', function () {
    $keymap = withDouble($this);
    $fault = faultsOf($this)[0];
    expect($fault['kind'])->toBe('double');
    $this->putJson("/api/applications/faderloft/clashes/{$fault['id']}/acceptance", ['reason' => ' '])->assertStatus(422);
    $this->putJson("/api/applications/faderloft/clashes/{$fault['id']}/acceptance", ['reason' => 'Only while we move over'])
        ->assertOk()
        ->assertJsonPath("accepted.{$fault['id']}.reason", 'Only while we move over');
    // What is meant is left alone when all is settled.
    $this->getJson('/api/applications/faderloft/settlement')->assertJsonPath('repairs', []);
    $this->as('picture')
        ->getJson('/api/applications/faderloft/clashes')
        ->assertJsonMissingPath("accepted.{$fault['id']}");

    // Another binding joins in: it is another clash now. Undone, it is the meant one again.
    $this->as('sound')
        ->postJson("/api/keymaps/{$keymap['id']}/changes", [
            'version' => $keymap['version'],
            'title' => 'And records',
            'despite_clashes' => true,
            'change' => [
                'removed' => [],
                'added' => [['chord' => 'KeyK', 'command' => 'record', 'context' => 'everywhere']],
            ],
        ])
        ->assertOk();
    expect($this->getJson('/api/applications/faderloft/clashes')->json('accepted'))
        ->toBe([])
        ->and(faultsOf($this)[0]['id'])
        ->not->toBe($fault['id']);
    $this->postJson("/api/keymaps/{$keymap['id']}/undo", ['version' => $keymap['version'] + 1])->assertOk();
    $this->getJson('/api/applications/faderloft/clashes')->assertJsonPath("accepted.{$fault['id']}.reason", 'Only while we move over');
    $this->deleteJson("/api/applications/faderloft/clashes/{$fault['id']}/acceptance")->assertOk();
    expect($this->getJson('/api/applications/faderloft/clashes')->json('accepted'))->toBe([]);
    $this->putJson('/api/applications/faderloft/clashes/double-0000/acceptance', ['reason' => 'x'])->assertStatus(404);
});

test('the settlement leaves no fault and says how good it is', function () {
    $keymap = withDouble($this);
    $settlement = $this->getJson('/api/applications/faderloft/settlement')->assertOk()->assertJsonPath('is_cheapest', true)->json();
    expect($settlement['repairs'])
        ->toHaveCount(1)
        ->and($settlement['repairs'][0]['consequences']['settled'][0]['kind'])
        ->toBe('double');
    $this->postJson("/api/keymaps/{$keymap['id']}/changes", [
        'version' => $keymap['version'],
        'title' => 'Settle all',
        'change' => $settlement['repairs'][0]['change'],
    ])->assertOk();
    expect(faultsOf($this))->toBe([]);
    $this->getJson('/api/applications/faderloft/settlement')
        ->assertJsonPath('repairs', [])
        ->assertJsonPath('sentence', 'There is no fault to settle.');
});

test('parallels are shown on request', function () {
    $kinds = fn (string $query): array => array_unique(
        array_column(
            $this->as('picture')
                ->getJson("/api/applications/cutloom/clashes{$query}")
                ->json('clashes'),
            'kind',
        ),
    );
    expect($kinds(''))->not->toContain('parallel')->and($kinds('?parallels=1'))->toContain('parallel');
});

test(
    'a menu title that is bound through the desktop beats the application, and one that no menu has is found with the nearest',
    function () {
        $this->as('picture')
            ->postJson('/api/applications/desktop/keymaps', [
                'name' => 'Titles',
                'title' => 'Titles',
                'change' => [
                    'removed' => [],
                    'added' => [['chord' => 'KeyK', 'command' => 'cutloom/Keyboard settings', 'context' => 'cutloom']],
                ],
            ])
            ->assertCreated();
        $cutloom = array_search('cutloom', array_column($this->getJson('/api/who?chord=KeyK')->json('applications'), 'id'), true);
        $this->getJson('/api/who?chord=KeyK')
            ->assertJsonPath("applications.{$cutloom}.ladders.2.winner.command.id", 'keyboard-settings')
            ->assertJsonPath("applications.{$cutloom}.ladders.2.rungs.0.context.id", 'desktop');
        $shadows = array_column($this->getJson('/api/applications/cutloom/clashes')->json('clashes'), 'sentence');
        expect(implode(' ', $shadows))->toContain('The desktop takes K for the menu title of Keyboard settings and hides Stop');

        $file = $this->bringIn('desktop', '{"titles": {"cutloom": {"Primary Alt R": "Relink  Media"}}}', 'desktop-titles.json')
            ->assertCreated()
            ->json();
        $this->postJson('/api/applications/desktop/keymaps', ['name' => 'From a file', 'key_file' => $file['id']])->assertCreated();
        $clash = $this->getJson('/api/applications/desktop/clashes')->assertJsonPath('clashes.0.kind', 'dead-title')->json('clashes.0');
        expect($clash['sentence'])->toContain('The nearest is "Relink media"');
        $titles = array_column(
            $this->getJson("/api/applications/desktop/clashes/{$clash['id']}")
                ->assertOk()
                ->json('remedies'),
            'title',
        );
        expect(implode(' ', $titles))->toContain('to the title "Relink media"');
    },
);

test('menu titles are found by words, to be bound through the desktop', function () {
    $hits = array_merge(
        ...array_column($this->as('picture')->getJson('/api/find?words=relink&application=desktop')->assertOk()->json('answers'), 'hits'),
    );
    expect($hits)
        ->not->toBe([])
        ->and($hits[0]['application']['id'])
        ->toBe('desktop')
        ->and(array_column(array_column($hits, 'command'), 'id'))
        ->toContain('cutloom/Relink media');
    $this->getJson('/api/applications/cutloom/remap?command=relink-media')
        ->assertJsonPath('command.desktop', 'cutloom/Relink media')
        ->assertJsonPath('command.is_menu_only', true);
    $this->getJson('/api/applications/desktop/remap?command='.rawurlencode('cutloom/Relink media'))
        ->assertOk()
        ->assertJsonPath('context.id', 'cutloom');
});

test('several bindings change at once, with one preview', function () {
    $bindings = $this->as('sound')->getJson('/api/applications/faderloft/keymap')->json('bindings');
    $clip = array_column(array_filter($bindings, static fn (array $one): bool => $one['context']['id'] === 'clip'), 'id');
    $to = $this->postJson('/api/applications/faderloft/bulk-edit', ['kind' => 'to-layer', 'bindings' => $clip, 'layer' => 'Control+Shift'])
        ->assertOk()
        ->json('change');
    expect($to['removed'])
        ->toHaveCount(count($clip))
        ->and(
            array_unique(
                array_map(static fn (array $added): string => (string) preg_replace('/\+?[^+]+$/', '', $added['chord']), $to['added']),
            ),
        )
        ->toHaveCount(1);
    $cleared = $this->postJson('/api/applications/faderloft/bulk-edit', ['kind' => 'clear-context', 'context' => 'clip'])
        ->assertOk()
        ->json();
    expect($cleared['change']['removed'])->toHaveCount(count($clip))->and($cleared['change']['added'])->toBe([]);
    $mixer = array_column(array_filter($bindings, static fn (array $one): bool => $one['context']['id'] === 'mixer'), 'id');
    $copied = $this->postJson('/api/applications/faderloft/bulk-edit', [
        'kind' => 'copy-to-context',
        'bindings' => $mixer,
        'context' => 'tracks',
    ])
        ->assertOk()
        ->json();
    expect($copied['change']['added'])
        ->toHaveCount(count($mixer))
        ->and(array_column($copied['consequences']['raised'], 'kind'))
        ->toContain('double');
    $this->postJson('/api/applications/faderloft/bulk-edit', ['kind' => 'to-context', 'bindings' => $clip, 'context' => 'kitchen'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'unknown-context');
    $this->postJson('/api/applications/faderloft/bulk-edit', ['kind' => 'to-context'])->assertStatus(422);
});
