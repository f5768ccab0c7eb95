<?php

declare(strict_types=1);

use App\Models\Keymap;

/** @return array<string, mixed> what the table says runs on a press with the focus in a context */
function tableSays(array $table, string $application, string $press, string $context): ?string
{
    $one = collect($table['applications'])->firstWhere('id', $application);
    $index = array_search($context, array_column($one['contexts'], 'id'), true);
    $ladder = $one['ladders'][$one['presses'][$press][$index] ?? $one['idle'][$index]];
    foreach ($ladder as $rung) {
        ['command' => $command, 'verdict' => $verdict] = $one['rungs'][$rung];
        if ($verdict === 'wins') {
            return $one['commands'][$command]['id'];
        }
    }

    return null;
}

test('the table answers presses as they are made at that keyboard', function () {
    $table = $this->as('picture')->getJson('/api/table?system=macos&board=full-ansi&layout=us')->assertOk()->json();
    expect(tableSays($table, 'cutloom', 'Meta+KeyS', 'timeline'))
        ->toBe('save-project')
        ->and(tableSays($table, 'cutloom', 'Control+KeyS', 'timeline'))
        ->toBeNull()
        ->and($table['layers'])
        ->toHaveCount(16)
        ->and($table['typing']['Shift+KeyA'])
        ->toBe('A');
    $linux = $this->getJson('/api/table?system=linux&board=full-iso&layout=german')->assertOk()->json();
    $key = collect($linux['board']['keys'])->firstWhere('key', 'Minus');
    expect(tableSays($linux, 'cutloom', 'Control+KeyS', 'timeline'))
        ->toBe('save-project')
        ->and($key['name'])
        ->toBe('ß')
        ->and($key['levels'][2])
        ->toBe('\\')
        ->and(collect($linux['board']['keys'])->firstWhere('key', 'AltRight')['held'])
        ->toBe(['AltGraph'])
        ->and(collect($linux['board']['keys'])->firstWhere('key', 'Enter')['notch'])
        ->toBeGreaterThan(0)
        ->and($linux['layers'])
        ->toHaveCount(18);
    expect(
        collect($this->getJson('/api/table?system=windows&layout=german')->json('board.keys'))->firstWhere('key', 'AltRight')['held'],
    )->toBe(['Control', 'Alt']);
});

test('a chord is answered with how it is reached here', function (string $query, string $kind, string $says) {
    $answer = $this->as('picture')
        ->getJson("/api/spelled-chord?{$query}")
        ->assertOk()
        ->assertJsonPath('reach.kind', $kind);
    expect($answer->json('reach.sentence'))->toContain($says);
})->with([
    ['chord=Numpad7&board=laptop-iso&layout=french', 'not-on-board', 'no key Pad 7'],
    ['chord=Control%2BAlt%2BKeyE&board=full-iso&layout=german&system=windows', 'needs-alt-gr', '€'],
    ["chord='/'&board=full-iso&layout=german&system=windows", 'other-keys', 'Shift+7'],
    ['chord=Meta%2BTab&system=macos', 'reserved', 'switches'],
]);

test('words that spell a chord are read as one, and those that nearly do say where they stop', function () {
    $this->as('picture')
        ->getJson('/api/find?system=macos&words='.urlencode('⌘S'))
        ->assertOk()
        ->assertJsonPath('chord.id', 'Primary+KeyS');
    $this->getJson('/api/find?system=windows&words='.urlencode('ctrl+wobble'))
        ->assertOk()
        ->assertJsonPath('chord', null)
        ->assertJsonPath('chord_problem', fn (string $text): bool => str_contains($text, '"wobble"'));
    $this->getJson('/api/find?words=split')
        ->assertOk()
        ->assertJsonPath('chord', null)
        ->assertJsonPath('chord_problem', null)
        ->assertJsonPath('answers.0.intent.id', 'split');
});

test('a search is narrowed by application, context, and what is bound or changed', function () {
    $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', [
            'name' => 'Mine',
            'title' => 'x',
            'change' => ['removed' => [], 'added' => [['chord' => 'F6', 'command' => 'fill-the-screen', 'context' => 'viewer']]],
        ])
        ->assertCreated();
    $hits = fn (string $query): array => collect(
        $this->getJson("/api/find?{$query}")
            ->assertOk()
            ->json('answers'),
    )
        ->flatMap(fn (array $one): array => $one['hits'])
        ->all();
    expect(array_unique(array_column(array_column($hits('words=fade&application=faderloft'), 'application'), 'id')))
        ->toBe(['faderloft'])
        ->and(array_unique(array_column(array_column($hits('words=left&application=cutloom&context=trim'), 'context'), 'id')))
        ->toEqualCanonicalizing(['trim', 'timeline', 'everywhere'])
        ->and(array_column(array_column($hits('words=screen&only=changed'), 'command'), 'id'))
        ->toBe(['fill-the-screen'])
        ->and(array_unique(array_column($hits('words=media&only=menu-only'), 'is_menu_only')))
        ->toBe([true])
        ->and(array_unique(array_map('count', array_column($hits('words=media&only=unbound'), 'chords'))))
        ->toBe([0]);
});

test('keyboards are offered, proposed by the browser, and remembered with the suite', function () {
    $this->as('picture')->getJson('/api/keyboards')->assertOk()->assertJsonCount(12, 'boards')->assertJsonCount(27, 'layouts');
    $this->postJson('/api/layout-proposals', [
        'keys' => ['KeyQ' => 'a', 'KeyA' => 'q', 'KeyW' => 'z', 'Semicolon' => 'm', 'Digit1' => '&', 'Minus' => ')'],
    ])
        ->assertOk()
        ->assertJsonPath('layout.id', 'french');
    $this->postJson('/api/layout-proposals', ['keys' => ['KeyQ' => '☃']])
        ->assertOk()
        ->assertJsonPath('layout', null);
    $this->as('keeper')
        ->patchJson('/api/suites/curlew', ['board' => 'laptop-iso', 'layout' => 'irish'])
        ->assertOk()
        ->assertJsonPath('board.name', 'Laptop, ISO')
        ->assertJsonPath('layout.name', 'Irish');
    $this->patchJson('/api/suites/curlew', ['board' => '../x', 'layout' => 'irish'])->assertStatus(422);
    $this->as('assistant')
        ->patchJson('/api/suites/curlew', ['board' => 'laptop-iso', 'layout' => 'irish'])
        ->assertStatus(403);
});

test('free chords work in every chosen suite', function () {
    $free = fn (string $suites): array => $this->as('picture')
        ->getJson("/api/applications/cutloom/remap?command=lift&suites={$suites}")
        ->assertOk()
        ->json('offers');
    expect($free('bittern,road-case')[0]['reasons'])->toContain('works in Bittern, Road case');
    foreach ($free('bittern,road-case') as $one) {
        $this->getJson(
            '/api/spelled-chord?'.
                http_build_query(['chord' => $one['chord']['id'], 'board' => 'laptop-iso', 'layout' => 'french', 'system' => 'macos']),
        )->assertJsonPath('reach.kind', 'as-written');
    }
});

test('a kit is checked against another keyboard, and a road variant keeps following', function () {
    $road = 'to_board=laptop-iso&to_layout=french&to_system=macos';
    $parent = $this->as('sound')
        ->postJson('/api/applications/faderloft/keymaps', ['name' => 'Desk'])
        ->json('id');
    $travel = collect(
        $this->getJson("/api/travel?{$road}")
            ->assertOk()
            ->json('applications'),
    )->firstWhere('application.id', 'faderloft');
    $lost = array_values(array_filter($travel['findings'], fn (array $one): bool => $one['is_lost'] && $one['replacement'] !== null));
    expect($lost)->not->toBe([])->and($travel['renamed'])->not->toBe([]);
    $change = [
        'removed' => array_column(array_column($lost, 'replacement'), 'replaces'),
        'added' => array_column(array_column($lost, 'replacement'), 'binding'),
    ];
    $this->postJson('/api/applications/faderloft/variants', ['name' => 'Road', 'title' => 'For the road', 'change' => $change])
        ->assertCreated()
        ->assertJsonPath('follows', 'Desk')
        ->assertJsonPath('name', 'Road')
        ->assertJsonPath('in_use', false);
    $desk = collect($this->getJson("/api/travel?{$road}")->json('applications'))->firstWhere('application.id', 'faderloft');
    expect(array_filter($desk['findings'], fn (array $one): bool => $one['is_lost']))->not->toBe([]);
    $variant = Keymap::query()->where('name', 'Road')->firstOrFail();
    $this->postJson("/api/keymaps/{$variant->id}/use")
        ->assertOk()
        ->assertJsonPath('in_use', true);
    $again = collect($this->getJson("/api/travel?{$road}")->json('applications'))->firstWhere('application.id', 'faderloft');
    expect(array_filter($again['findings'], fn (array $one): bool => $one['is_lost']))->toBe([]);

    // A change of the parent comes through; the variant keeps its own chords, and says of itself what it changed.
    $this->postJson("/api/keymaps/{$parent}/changes", [
        'version' => 1,
        'title' => 'Mute on F6',
        'change' => ['removed' => [], 'added' => [['chord' => 'F6', 'command' => 'mute-clip', 'context' => 'tracks']]],
    ])->assertOk();
    $variant = Keymap::query()->where('name', 'Road')->firstOrFail();
    expect($variant->bindings->ids())->toContain('tracks F6 tap mute-clip')->and($variant->version)->toBe(3);
    $first = $lost[0]['replacement']['binding'];
    expect($variant->bindings->ids())->toContain("{$first['context']} {$first['chord']} tap {$first['command']}");
    $this->postJson('/api/applications/faderloft/variants', ['name' => 'Road', 'title' => 'again', 'change' => $change])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'name-taken');
});

test('chords that mislead are listed, what destroys something first', function () {
    $listed = static fn (array $chords): array => array_merge(...array_column($chords, 'friends'));
    $chords = $this->as('picture')->getJson('/api/false-friends')->assertOk()->json('chords');
    $steps = array_flip(['cannot-be-undone', 'destroys', 'loses-place', 'harmless']);
    $harms = array_map(static fn (array $one): int => $steps[$one['harm']], $chords);
    $sorted = $harms;
    sort($sorted);
    expect($harms)->toBe($sorted)->and($harms[0])->toBe(1);
    $all = $listed($chords);
    foreach ($all as $one) {
        expect(array_column($one['expected'], 'intent'))->not->toContain($one['instead']['intent']);
    }
    $two = $listed($this->getJson('/api/false-friends?from=cutloom&to=faderloft')->assertOk()->json('chords'));
    expect(count($two))
        ->toBeGreaterThan(0)
        ->toBeLessThan(count($all))
        ->and(array_unique(array_map(static fn (array $one): string => $one['instead']['application']['id'], $two)))
        ->toBe(['faderloft']);
});

test('a search narrowed to a context has what works there, and not only what is at home there', function () {
    $ids = fn (string $context): array => collect(
        $this->as('picture')
            ->getJson("/api/find?words=out&application=cutloom&context={$context}")
            ->assertOk()
            ->json('answers.*.hits.*'),
    )
        ->pluck('command.id')
        ->all();
    expect($ids('timeline'))
        ->toContain('clear-both-marks', 'take-out-and-close-gap')
        ->and($ids('bin'))
        ->toContain('clear-both-marks')
        ->not->toContain('take-out-and-close-gap')
        ->and($ids('kitchen'))
        ->toBe([]);
});

test('what can be held is told beside what is tapped, each chord once', function () {
    $rubber = collect($this->as('motion')->getJson('/api/find?words=rubber&application=boardwick')->json('answers.*.hits.*'))->firstWhere(
        'command.id',
        'rubber',
    );
    expect(array_column($rubber['chords'], 'id'))
        ->toBe(['KeyE'])
        ->and(array_column($rubber['holds'], 'id'))
        ->toBe(['KeyE']);
});

test('while a chord is given, it is said whether it is free and what it destroys elsewhere', function () {
    $wanted = fn (string $chord): array => $this->as('picture')
        ->getJson("/api/applications/cutloom/remap?command=lift&chord={$chord}")
        ->assertOk()
        ->json('wanted');
    $free = $wanted('KeyT');
    $taken = $wanted('Delete');
    expect($free['is_free'])
        ->toBeTrue()
        ->and($free['destroys_elsewhere'])
        ->toBe([])
        ->and($taken['is_free'])
        ->toBeFalse()
        ->and(array_unique(array_column(array_column($taken['destroys_elsewhere'], 'application'), 'name')))
        ->toContain('Faderloft', 'Boardwick');
});

test('two keys are exchanged as they work in a context', function () {
    $change = $this->as('motion')
        ->postJson('/api/applications/boardwick/bulk-edit', [
            'kind' => 'exchange-keys',
            'one' => 'KeyQ',
            'other' => 'KeyW',
            'context' => 'easel',
        ])
        ->assertOk()
        ->json('change');
    expect($change['added'])->toHaveCount(4);
    $this->postJson('/api/applications/boardwick/bulk-edit', ['kind' => 'exchange-keys', 'one' => 'KeyQ'])->assertStatus(422);
});

test('over any changes the table that was put together from what is known is the one that is worked out anew', function (int $seed) {
    mt_srand($seed);
    $this->as('picture');
    $cutloom = $this->keymap('cutloom', 'lift', 'KeyT', 'timeline');
    $faderloft = $this->keymap('faderloft', 'undo', 'KeyT', 'everywhere', 'Mix');
    $seats = ['system=linux&board=full-ansi&layout=us', 'system=windows&board=full-iso&layout=german'];
    for ($step = 0; $step < 8; $step++) {
        $letter = 'Key'.chr(65 + mt_rand(0, 25));
        match (mt_rand(0, 5)) {
            0, 1 => $this->rekey($cutloom, 'cutloom', 'split-at-playhead', $letter, 'timeline'),
            2 => [$this->postJson("/api/keymaps/{$faderloft}/use"), $this->rekey($faderloft, 'faderloft', 'record', $letter, 'everywhere')],
            3 => $this->postJson("/api/keymaps/{$cutloom}/undo", [
                'version' => $this->getJson('/api/applications/cutloom/keymap')->json('version'),
            ]),
            4 => $this->patchJson("/api/keymaps/{$cutloom}", ['name' => "Named {$seed} {$step}"]),
            5 => $this->postJson(mt_rand(0, 1) === 0 ? '/api/applications/faderloft/use-factory' : "/api/keymaps/{$faderloft}/use"),
        };
        [$told, $anew] = $this->toldTwice("/api/table?{$seats[mt_rand(0, 1)]}");
        expect($told)->toBe($anew);
    }
})->with([1, 2, 3]);

test('the table that one has is not sent again; another keyboard, keymap, name or menu title make it another', function () {
    $this->as('picture');
    $tag = fn (string $query = 'layout=us'): string => (string) $this->getJson("/api/table?{$query}")
        ->assertOk()
        ->headers->get('ETag');
    $first = $tag();
    $this->getJson('/api/table?layout=us', ['If-None-Match' => $first])
        ->assertStatus(304)
        ->assertHeader('ETag', $first);
    $keymap = $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])->json('id');
    $named = $tag();
    $this->rekey($keymap, 'cutloom', 'lift', 'KeyT', 'timeline');
    $changed = $tag();
    $this->keymap('desktop', 'cutloom/Undo', 'Alt+KeyJ', 'cutloom', 'Titles');
    $tags = [$first, $named, $changed, $tag(), $tag('layout=british'), $tag('layout=us&system=windows')];
    expect(array_unique($tags))->toBe($tags);
    $this->getJson('/api/table?layout=us', ['If-None-Match' => $first])->assertOk();
    // Somebody whose keymaps are as they came has the first one.
    $this->as('assistant')
        ->getJson('/api/table?layout=us', ['If-None-Match' => $first])
        ->assertStatus(304);
});
