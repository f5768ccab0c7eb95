<?php

declare(strict_types=1);

use App\Harmonise\Harmonisation;
use App\Harmonise\HarmonisationState;
use App\Models\Keymap;
use Illuminate\Support\Facades\Queue;
use Zebrafinch\Core\Harmonise\Solve\Checker;
use Zebrafinch\Core\Harmonise\Solve\Instance;

/** A search over two applications and a few intents, which the queue of the tests carries out at once. */
function searched($test, array $asked = []): array
{
    return $test
        ->as('picture')
        ->postJson('/api/harmonisations', [
            'applications' => ['cutloom', 'faderloft'],
            'intents' => ['undo', 'split', 'mark-in', 'remove-close', 'zoom-in'],
            'seconds' => 1,
            ...$asked,
        ])
        ->assertStatus(202)
        ->json();
}

/** @return array<string, string|null> the chords after, by application and command */
function foundChords(array $harmonisation): array
{
    return collect($harmonisation['result']['lines'])
        ->mapWithKeys(
            static fn (array $line): array => ["{$line['application']['id']} {$line['command']['id']}" => $line['after']['id'] ?? null],
        )
        ->all();
}

test('a search tells what it found, why, and how good it is at least', function () {
    $found = searched($this);
    expect($found['state'])
        ->toBe('done')
        ->and($found['is_over'])
        ->toBeTrue()
        ->and($found['result']['bound'])
        ->toBeLessThanOrEqual($found['result']['cost'])
        ->and($found['result']['agreement_after'])
        ->toBeGreaterThan($found['result']['agreement_before'])
        ->and($found['result']['lines'])
        ->not->toBe([])
        ->and($found['result']['lines'][0]['reasons'])
        ->not->toBe([]);
});

test('a refused line does not come again, an accepted one stays', function () {
    $line = searched($this)['result']['lines'][0];
    $said = ['application' => $line['application']['id'], 'command' => $line['command']['id'], 'chord' => $line['after']['id']];
    $key = "{$said['application']} {$said['command']}";
    expect(foundChords(searched($this, ['refused' => [$said]]))[$key] ?? null)
        ->not->toBe($said['chord'])
        ->and(foundChords(searched($this, ['accepted' => [$said]]))[$key])
        ->toBe($said['chord']);
});

test('applying changes all keymaps of the kit in one step, and one undo takes it back in all', function () {
    $own = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertCreated()
        ->json('id');
    $before = Keymap::query()->findOrFail($own)->bindings->toData();
    $found = searched($this);
    $applied = $this->postJson("/api/harmonisations/{$found['id']}/apply", ['name' => 'Alike'])
        ->assertOk()
        ->assertJsonPath('state', 'applied')
        ->json();
    $chords = foundChords($applied);
    foreach (['cutloom', 'faderloft'] as $application) {
        $bindings = collect($this->getJson("/api/applications/{$application}/keymap")->json('bindings'));
        foreach ($chords as $key => $chord) {
            [$of, $command] = explode(' ', $key);
            if ($of === $application && $chord !== null) {
                expect($bindings->where('command.id', $command)->pluck('chord.id')->all())->toContain($chord);
            }
        }
    }
    $this->postJson("/api/harmonisations/{$found['id']}/apply", ['name' => 'Alike'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'not-ready');
    $this->postJson("/api/harmonisations/{$found['id']}/undo")
        ->assertOk()
        ->assertJsonPath('state', 'undone');
    expect(
        collect(Keymap::query()->findOrFail($own)->bindings->toData())
            ->sort()
            ->values()
            ->all(),
    )->toEqual(collect($before)->sort()->values()->all());
    $this->getJson('/api/applications/faderloft/keymap')->assertJsonPath('is_protected', true);
    $this->postJson("/api/harmonisations/{$found['id']}/undo")->assertStatus(409);
});

test('a keymap that was changed since is not written over, and nothing else is written either', function () {
    $this->as('picture')
        ->postJson('/api/applications/faderloft/keymaps', ['name' => 'Mine'])
        ->assertCreated();
    $found = searched($this);
    $keymap = Keymap::query()->where('application', 'faderloft')->firstOrFail();
    $first = $keymap->bindings->all()[0];
    $this->postJson("/api/keymaps/{$keymap->id}/changes", [
        'version' => 1,
        'title' => 'Away',
        'change' => ['removed' => [$first->toData()], 'added' => []],
    ])->assertOk();
    $this->postJson("/api/harmonisations/{$found['id']}/apply", ['name' => 'Alike'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'stale-keymap');
    $this->getJson('/api/applications/cutloom/keymap')->assertJsonPath('is_protected', true);
    expect(Harmonisation::query()->findOrFail($found['id'])->state)->toBe(HarmonisationState::Done);
});

test('another keymap in use than the one it was worked out for is noticed', function () {
    $found = searched($this);
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'New'])->assertCreated();
    $this->postJson("/api/harmonisations/{$found['id']}/apply", ['name' => 'Alike'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'keymap-exchanged');
});

test('instance and answer can be taken along, and the checker agrees with them', function () {
    $found = searched($this);
    expect(
        $this->get("/api/harmonisations/{$found['id']}/instance.lp")
            ->assertOk()
            ->getContent(),
    )
        ->toContain('Minimize')
        ->toContain('Subject To');
    $proof = $this->getJson("/api/harmonisations/{$found['id']}/proof.json")
        ->assertOk()
        ->json();
    expect((new Checker(Instance::fromData($proof['instance'])))->complaints($proof['answer']))->toBe([]);
});

test('where nothing may get another chord, that is told with a reason', function () {
    $found = searched($this, [
        'intents' => ['undo'],
        'untouched' => [['application' => 'cutloom', 'command' => 'undo'], ['application' => 'faderloft', 'command' => 'undo']],
    ]);
    expect($found['state'])
        ->toBe('refused')
        ->and($found['refusal']['remedy'])
        ->toContain('Choose more intents')
        ->and($found['result'])
        ->toBeNull();
});

test('a search that cannot be begun says which field is wrong', function (array $asked, string $field) {
    expect(
        $this->as('picture')
            ->postJson('/api/harmonisations', ['applications' => ['cutloom', 'faderloft'], ...$asked])
            ->assertStatus(422)
            ->json('fields'),
    )->toHaveKey($field);
})->with([
    'one application' => [['applications' => ['cutloom']], 'applications'],
    'an unknown application' => [['applications' => ['cutloom', 'nowhere']], 'applications.1'],
    'a weight below zero' => [['weights' => ['comfort' => -1]], 'weights.comfort'],
    'a weight of no meaning' => [['weights' => ['luck' => 1]], 'weights'],
    'no chord' => [['fixed' => ['undo' => 'Hyper+Q']], 'fixed.undo'],
    'an unknown suite' => [['suites' => ['attic']], 'suites.0'],
    'an unknown intent' => [['intents' => ['fly']], 'intents.0'],
    'too long' => [['seconds' => 600], 'seconds'],
]);

test('nobody sees or applies the search of another', function () {
    $found = searched($this);
    $this->as('sound')
        ->getJson("/api/harmonisations/{$found['id']}")
        ->assertForbidden();
    $this->postJson("/api/harmonisations/{$found['id']}/apply", ['name' => 'x'])->assertForbidden();
});

test('who waits for a search sees how many are before it, and those that are ended are not', function () {
    Queue::fake();
    $begin = fn (string $who): array => $this->as($who)
        ->postJson('/api/harmonisations', ['applications' => ['cutloom', 'faderloft'], 'intents' => ['undo'], 'seconds' => 1])
        ->assertStatus(202)
        ->json();
    $ahead = fn (string $who, array $search): ?int => $this->as($who)
        ->getJson("/api/harmonisations/{$search['id']}")
        ->json('ahead');
    $picture = $begin('picture');
    $sound = $begin('sound');
    expect($picture['ahead'])->toBe(0)->and($sound['ahead'])->toBe(1);
    $motion = $begin('motion');
    expect($motion['ahead'])->toBe(2);
    // Another search of the same person takes the place of the first, at the end of the line.
    $again = $begin('picture');
    expect([$ahead('sound', $sound), $ahead('motion', $motion), $ahead('picture', $again)])->toBe([0, 1, 2]);
    $this->as('picture')
        ->getJson("/api/harmonisations/{$picture['id']}")
        ->assertJsonPath('state', 'cancelled')
        ->assertJsonPath('is_over', true);
    $this->as('sound')
        ->postJson("/api/harmonisations/{$sound['id']}/cancel")
        ->assertJsonPath('state', 'cancelled')
        ->assertJsonPath('ahead', null);
    Harmonisation::query()
        ->whereKey($motion['id'])
        ->update(['state' => HarmonisationState::Running]);
    expect([$ahead('motion', $motion), $ahead('picture', $again)])->toBe([null, 1]);
});

test('a cancelled search that has not begun finds nothing', function () {
    $found = searched($this);
    $waiting = Harmonisation::query()->create([
        'kit_id' => Harmonisation::query()->findOrFail($found['id'])->kit_id,
        'state' => HarmonisationState::Waiting,
        'is_cancelled' => false,
        'request' => $found['request'],
    ]);
    $this->postJson("/api/harmonisations/{$waiting->id}/cancel")->assertOk();
    (new App\Harmonise\HarmoniseKit($waiting))->handle(app(App\Harmonise\KitProblem::class), app(App\Intent\PersonalVocabulary::class));
    expect($waiting->refresh()->state)->toBe(HarmonisationState::Cancelled)->and($waiting->result)->toBeNull();
});
