<?php

declare(strict_types=1);

use App\Models\Keymap;
use Illuminate\Http\UploadedFile;

test('the account of carrying over adds up, and can be saved as a keymap', function () {
    $bindings = count($this->as('picture')->getJson('/api/applications/cutloom/keymap')->json('bindings'));
    $account = $this->postJson('/api/carry-overs', ['target' => 'faderloft', 'sources' => ['cutloom']])
        ->assertOk()
        ->json();
    expect(count($account['lines']))
        ->toBe($bindings)
        ->and(array_sum($account['counts']))
        ->toBe($bindings)
        ->and(count(array_unique(array_column($account['lines'], 'id'))))
        ->toBe($bindings);
    $carried = collect($account['lines'])->where('is_accepted', true)->where('ending', 'carried')->first();
    $saved = $this->postJson('/api/carry-overs/keymaps', [
        'target' => 'faderloft',
        'sources' => ['cutloom'],
        'said' => [$carried['id'] => false],
        'versions' => $account['made_from'],
        'name' => 'As in Cutloom',
    ])
        ->assertCreated()
        ->json();
    expect(collect($saved['lines'])->firstWhere('id', $carried['id'])['is_accepted'])->toBeFalse();
    $keymap = $this->getJson('/api/applications/faderloft/keymap')->assertJsonPath('name', 'As in Cutloom')->json();
    foreach ($saved['lines'] as $line) {
        if ($line['is_accepted']) {
            expect(array_column($keymap['bindings'], 'id'))->toContain($line['to']['id']);
        }
    }
    $again = ['target' => 'faderloft', 'sources' => ['cutloom'], 'name' => 'As in Cutloom'];
    // Another keymap is in use by now, so what was worked out before is not written.
    $this->postJson('/api/carry-overs/keymaps', [...$again, 'versions' => $account['made_from']])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'stale-keymap');
    $this->postJson('/api/carry-overs/keymaps', $again)->assertStatus(422)->assertJsonPath('kind', 'invalid-input');
    $now = $this->postJson('/api/carry-overs', ['target' => 'faderloft', 'sources' => ['cutloom']])->json('made_from');
    $this->postJson('/api/carry-overs/keymaps', [...$again, 'versions' => $now])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'name-taken');
});

test('what stands in the file of the own keymap is in the one that is carried over, and its change is one step', function () {
    $bytes = "# my own note\n".file_get_contents(base_path('catalogues/easeframe/factory.keys'));
    $file = $this->as('picture')->bringIn('easeframe', $bytes)->assertCreated()->json('id');
    $this->postJson('/api/applications/easeframe/keymaps', ['name' => 'Noted', 'key_file' => $file])->assertCreated();
    $wanted = ['target' => 'easeframe', 'sources' => ['cutloom']];
    $madeFrom = $this->postJson('/api/carry-overs', $wanted)
        ->assertOk()
        ->assertJsonPath('made_from.easeframe.name', 'Noted')
        ->json('made_from');
    $this->postJson('/api/carry-overs/keymaps', [...$wanted, 'versions' => $madeFrom, 'name' => 'Carried'])->assertCreated();
    $this->getJson('/api/applications/easeframe/keymap')
        ->assertJsonPath('name', 'Carried')
        ->assertJsonPath('undo', 'Carried over from Cutloom');
    expect(App\Models\Keymap::query()->where('name', 'Carried')->firstOrFail()->source)->toBe($bytes);
});

test('carrying over to a suite looks at its keyboard', function () {
    $here = $this->as('picture')
        ->postJson('/api/carry-overs', ['target' => 'rotomere', 'sources' => ['cutloom']])
        ->assertOk()
        ->json('counts');
    $there = $this->postJson('/api/carry-overs', ['target' => 'rotomere', 'sources' => ['cutloom'], 'suite' => 'road-case'])
        ->assertOk()
        ->json('counts');
    expect($there['out-of-reach'])->toBeGreaterThan($here['out-of-reach']);
});

test('an application is not carried over to itself', function () {
    $this->as('picture')
        ->postJson('/api/carry-overs', ['target' => 'cutloom', 'sources' => ['cutloom']])
        ->assertStatus(422);
});

test('commands get intents, one by one or many at once, and near ones want a sentence', function () {
    $matches = $this->as('picture')->getJson('/api/applications/cutloom/matches')->assertOk()->json('commands');
    $open = collect($matches)->whereNull('match')->values();
    expect($open->count())->toBeGreaterThan(5);
    $first = $open[0]['id'];
    $this->putJson('/api/applications/cutloom/matches', [
        'matches' => [['command' => $first, 'intent' => 'rename', 'is_near' => true]],
    ])->assertStatus(422);
    $this->putJson('/api/applications/cutloom/matches', [
        'matches' => [
            ['command' => $first, 'intent' => 'rename', 'is_near' => true, 'difference' => 'Asks first.'],
            ['command' => $open[1]['id'], 'intent' => 'save'],
        ],
    ])->assertOk();
    $after = collect($this->getJson('/api/applications/cutloom/matches')->json('commands'))->keyBy('id');
    expect($after[$first]['match'])
        ->toBe(['intent' => 'rename', 'name' => 'Rename', 'difference' => 'Asks first.', 'is_own' => true])
        ->and($this->as('sound')->getJson('/api/applications/cutloom/matches')->json('commands'))
        ->toBe($matches);
    $this->as('picture')
        ->putJson('/api/applications/cutloom/matches', [
            'matches' => [['command' => $first, 'intent' => null], ['command' => $open[1]['id'], 'intent' => null]],
        ])
        ->assertOk();
    expect($this->getJson('/api/applications/cutloom/matches')->json('commands'))->toBe($matches);
});

test('unknown commands and intents are named', function () {
    $this->as('picture')
        ->putJson('/api/applications/cutloom/matches', ['matches' => [['command' => 'fly', 'intent' => 'save']]])
        ->assertStatus(422);
    $this->putJson('/api/applications/cutloom/matches', ['matches' => [['command' => 'undo', 'intent' => 'fly']]])->assertStatus(422);
});

test('an intent of one\'s own is matched, shown in the stripes, and taken away with its matches', function () {
    $intents = $this->as('picture')
        ->postJson('/api/intents', ['name' => 'Call the director', 'group' => 'view', 'synonyms' => ['ring up'], 'frequency' => 'often'])
        ->assertCreated()
        ->json('intents');
    $own = collect($intents)->firstWhere('name', 'Call the director');
    $this->putJson('/api/applications/cutloom/matches', ['matches' => [['command' => 'undo', 'intent' => $own['id']]]])->assertOk();
    $stripes = fn () => collect($this->getJson('/api/stripes')->assertOk()->json('stripes'));
    expect($stripes()->firstWhere('intent.name', 'Call the director'))->not->toBeNull();
    $this->postJson('/api/intents', ['name' => 'Call the director', 'group' => 'view', 'frequency' => 'often'])->assertStatus(422);
    $this->as('sound')
        ->deleteJson("/api/intents/{$own['own']}")
        ->assertForbidden();
    $this->as('picture')
        ->deleteJson("/api/intents/{$own['own']}")
        ->assertOk();
    expect($stripes()->firstWhere('intent.name', 'Call the director'))
        ->toBeNull()
        ->and($stripes()->firstWhere('intent.id', 'undo'))
        ->not->toBeNull();
});

test('stripes within one application have a cell for each command of an intent', function () {
    $stripes = $this->as('picture')->getJson('/api/stripes?within=boardwick')->assertOk()->json('stripes');
    expect($stripes)->not->toBe([]);
    foreach ($stripes as $stripe) {
        expect(count($stripe['cells']))
            ->toBeGreaterThan(1)
            ->and(array_unique(array_column($stripe['cells'], 'application')))
            ->toBe(['boardwick']);
    }
    $this->getJson('/api/stripes?within=nowhere')->assertStatus(422);
});

test('a usage log weighs the stripes, and a bad one leaves the old in place', function () {
    $upload = fn (string $csv) => $this->as('keeper')->post(
        '/api/usage',
        ['file' => UploadedFile::fake()->createWithContent('week.csv', $csv)],
        ['Accept' => 'application/json'],
    );
    $agreement = fn (): float => $this->getJson('/api/stripes?applications=cutloom,faderloft')->json('agreement');
    $plain = $this->as('keeper')->getJson('/api/usage')->assertOk()->assertJsonPath('sources', []) ? $agreement() : 0;
    $header = "day,application,command,key,mouse\n";
    $upload($header."2026-03-02,cutloom,undo,500,20\n2026-03-02,faderloft,undo,400,0\n")
        ->assertCreated()
        ->assertJsonPath('uses.0.command.id', 'undo')
        ->assertJsonPath('uses.0.by_mouse', 20)
        ->assertJsonPath('days', 1);
    expect($agreement())->not->toBe($plain);
    $upload($header."2026-03-02,cutloom,undo,many,0\n")
        ->assertStatus(422)
        ->assertJsonPath('kind', 'unreadable-usage')
        ->assertJsonPath('where', 'line 2');
    $this->getJson('/api/usage')->assertJsonPath('uses.0.by_key', 500);
    $this->deleteJson('/api/usage')->assertOk()->assertJsonPath('uses', []);
    expect($agreement())->toBe($plain);
});

test('the demo comes with four working weeks, in which some commands are done by mouse although they have a chord', function () {
    $usage = $this->as('picture')->getJson('/api/usage')->assertOk()->assertJsonPath('days', 20)->json('uses');
    $byMouse = array_filter($usage, static fn (array $one): bool => $one['by_mouse'] > $one['by_key'] && $one['chords'] !== []);
    expect(count($usage))->toBeGreaterThan(100)->and(count($byMouse))->toBeGreaterThan(5);
});

test('familiarity is all of it where the same is installed on the same keyboard, and less elsewhere', function () {
    $seat = 'system=macos&board=full-ansi&layout=us';
    $this->as('picture')
        ->getJson("/api/suites/avocet/familiarity?{$seat}")
        ->assertOk()
        ->assertJsonPath('share', 1)
        ->assertJsonPath('surprises', []);
    $moved = [
        'removed' => [],
        'added' => [['chord' => 'KeyY', 'command' => 'split-at-playhead', 'context' => 'timeline', 'gesture' => 'tap']],
    ];
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine', 'title' => 'Split on Y', 'change' => $moved])->assertCreated();
    $other = $this->getJson("/api/suites/bittern/familiarity?{$seat}")
        ->assertOk()
        ->json();
    expect($other['share'])->toBeLessThan(1)->toBeGreaterThan(0.3)->and($other['surprises'])->not->toBe([]);
});

test('own intents and matches count where one looks up, in the catalogue, and for free chords', function () {
    $open = collect($this->as('picture')->getJson('/api/applications/cutloom/matches')->assertOk()->json('commands'))
        ->whereNull('match')
        ->first();
    $this->postJson('/api/intents', [
        'name' => 'Ring the runner',
        'group' => 'view',
        'frequency' => 'often',
        'synonyms' => ['fetch coffee'],
    ])->assertCreated();
    $intent = collect($this->getJson('/api/intents')->json('intents'))->firstWhere('name', 'Ring the runner')['id'];
    $faderloft = collect($this->getJson('/api/applications/faderloft/matches')->json('commands'))
        ->whereNull('match')
        ->firstOrFail();
    $this->putJson('/api/applications/cutloom/matches', [
        'matches' => [['command' => $open['id'], 'intent' => $intent, 'is_near' => false]],
    ])->assertOk();
    $this->putJson('/api/applications/faderloft/matches', [
        'matches' => [['command' => $faderloft['id'], 'intent' => $intent, 'is_near' => false]],
    ])->assertOk();
    $answers = $this->getJson('/api/find?words=fetch+coffee')->assertOk()->json('answers');
    expect($answers[0]['intent']['name'])
        ->toBe('Ring the runner')
        ->and(array_column(array_column($answers[0]['hits'], 'command'), 'id'))
        ->toEqualCanonicalizing([$open['id'], $faderloft['id']]);
    $commands = $this->getJson('/api/applications/cutloom')->assertOk()->json('commands');
    expect(collect($commands)->firstWhere('id', $open['id'])['intent'])->toBe('Ring the runner');

    // A chord that the command has in the other application is offered first.
    $home = collect($this->getJson('/api/applications/faderloft')->json('commands'))->firstWhere('id', $faderloft['id'])['context'];
    $this->postJson('/api/applications/faderloft/keymaps', [
        'name' => 'Mine',
        'title' => 'Runner',
        'change' => ['removed' => [], 'added' => [['chord' => 'Alt+Shift+KeyJ', 'command' => $faderloft['id'], 'context' => $home]]],
    ])->assertCreated();
    $offers = $this->getJson("/api/applications/cutloom/remap?command={$open['id']}")
        ->assertOk()
        ->json('offers');
    expect($offers[0]['chord']['id'])->toBe('Alt+Shift+KeyJ')->and($offers[0]['reasons'][0])->toBe('the same chord in another application');
    expect($this->as('sound')->getJson('/api/find?words=fetch+coffee')->json('answers.0.intent.name'))->not->toBe('Ring the runner');
});
