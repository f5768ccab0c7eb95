<?php

declare(strict_types=1);

use App\Models\Suite;
use Illuminate\Support\Carbon;

/** Saves a preset with one keymap of Cutloom and gives the release's id. */
function savedRelease($test): int
{
    $test
        ->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertCreated();

    return $test->postJson('/api/presets', ['name' => 'House', 'note' => 'x'])->json('id');
}

function suite($test, string $id = 'avocet'): array
{
    return collect($test->as('picture')->getJson('/api/suites')->assertOk()->json('suites'))->firstWhere('id', $id);
}

/** Hands the release over, and has the agent of Avocet carry the order out. */
function handedOver($test, int $release): array
{
    $test
        ->as('picture')
        ->postJson('/api/suites/avocet/handovers', ['release' => $release])
        ->assertStatus(202)
        ->assertJsonPath('is_busy', true);
    $order = $test->checkIn('avocet')->assertOk()->json('orders.0');
    $test
        ->asAgent('avocet')
        ->postJson("/api/agent/orders/{$order['id']}/answer", ['done' => true, 'answer' => []])
        ->assertNoContent();

    return $order;
}

test('a suite that nobody has heard of is offline, and online once its agent calls', function () {
    expect(suite($this)['is_online'])->toBeFalse();
    $this->checkIn('avocet')->assertOk();
    expect(suite($this)['is_online'])->toBeTrue()->and(suite($this, 'dunlin')['is_online'])->toBeFalse();
    Carbon::setTestNow(now()->addMinute());
    expect(suite($this)['is_online'])->toBeFalse();
});

test('an agent without its token is turned away', function () {
    $this->withToken('guessed')->postJson('/api/agent/check-in', [])->assertStatus(401);
});

test('a release is handed over, fetched once, and the suite is in step', function () {
    $order = handedOver($this, savedRelease($this));
    $bytes = base64_decode($order['payload']['files'][0]['bytes']);
    expect($order['kind'])
        ->toBe('install')
        ->and(hash('sha256', $bytes))
        ->toBe($order['payload']['files'][0]['sha256']);
    $this->checkIn('avocet', ['cutloom' => $bytes])->assertJsonPath('orders', []);
    expect(suite($this)['files'][0])
        ->toMatchArray(['standing' => 'in-step'])
        ->and(suite($this)['is_busy'])
        ->toBeFalse();
});

test('a newer release leaves the suite behind', function () {
    $order = handedOver($this, savedRelease($this));
    $this->checkIn('avocet', ['cutloom' => base64_decode($order['payload']['files'][0]['bytes'])]);
    $preset = $this->as('picture')->getJson('/api/presets')->json('presets.0.id');
    $this->postJson("/api/presets/{$preset}/releases", ['note' => 'newer'])->assertCreated();
    expect(suite($this)['files'][0]['standing'])->toBe('behind');
});

test('a file changed by hand is seen, and taken in as if it had been brought in', function () {
    $order = handedOver($this, savedRelease($this));
    $edited = str_replace(
        'keys="C" run="split-at-playhead"',
        'keys="B" run="split-at-playhead"',
        base64_decode($order['payload']['files'][0]['bytes']),
    );
    $this->checkIn('avocet', ['cutloom' => $edited]);
    expect(suite($this)['files'][0])->toMatchArray(['standing' => 'changed-by-hand', 'may_import' => true]);
    $this->as('picture')
        ->postJson('/api/suites/avocet/imports', ['application' => 'cutloom'])
        ->assertCreated()
        ->assertJsonPath('against_factory.added.0.chord.id', 'KeyB')
        ->assertJsonPath('against_factory.removed.0.chord.id', 'KeyC');
});

test('an order that failed leaves what is installed as it was and says why', function () {
    $release = savedRelease($this);
    $this->as('picture')->postJson('/api/suites/avocet/handovers', ['release' => $release]);
    $order = $this->checkIn('avocet')->json('orders.0');
    $this->asAgent('avocet')
        ->postJson("/api/agent/orders/{$order['id']}/answer", ['done' => false, 'answer' => ['error' => 'The folder cannot be written.']])
        ->assertNoContent();
    expect(suite($this)['orders'][0])
        ->toMatchArray(['state' => 'failed', 'error' => 'The folder cannot be written.'])
        ->and(suite($this)['files'][0]['standing'])
        ->toBe('never-handed-over');
});

test('an agent answers only the orders of its own suite', function () {
    $release = savedRelease($this);
    $this->as('picture')->postJson('/api/suites/avocet/handovers', ['release' => $release]);
    $order = $this->checkIn('avocet')->json('orders.0');
    $this->asAgent('dunlin')
        ->postJson("/api/agent/orders/{$order['id']}/answer", ['done' => true, 'answer' => []])
        ->assertStatus(404);
});

test('a copy of an overwritten file is put back, and one that is not there is refused', function () {
    $copy = ['name' => 'cutloom-1.xml', 'application' => 'cutloom', 'sha256' => str_repeat('a', 64), 'taken_at' => '2026-11-24T10:00:00Z'];
    $this->checkIn('avocet', copies: [$copy]);
    expect(suite($this)['copies'])->toEqual([$copy]);
    $this->postJson('/api/suites/avocet/put-backs', ['copy' => 'cutloom-1.xml'])->assertStatus(202);
    $this->checkIn('avocet', copies: [$copy])
        ->assertJsonPath('orders.0.kind', 'put-back')
        ->assertJsonPath('orders.0.payload.copy', 'cutloom-1.xml');
    $this->as('picture')
        ->postJson('/api/suites/avocet/put-backs', ['copy' => 'nosuch'])
        ->assertStatus(404)
        ->assertJsonPath('kind', 'unknown-copy');
});

test('the assistant looks and rehearses, and changes nothing in a suite', function () {
    $release = savedRelease($this);
    $this->as('assistant');
    $this->postJson('/api/suites/avocet/handovers', ['release' => $release])->assertStatus(403);
    $this->postJson('/api/suites/avocet/put-backs', ['copy' => 'x'])->assertStatus(403);
    $this->postJson('/api/suites/avocet/rehearsals', ['application' => 'cutloom'])->assertCreated();
});

test('a release without anything for the suite is refused', function () {
    $release = savedRelease($this);
    Suite::query()
        ->where('slug', 'avocet')
        ->update(['applications' => '["faderloft"]']);
    $this->postJson('/api/suites/avocet/handovers', ['release' => $release])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'nothing-for-suite');
});

test('a rehearsed press reaches the agent as the keys of its system, and its answer comes back', function () {
    $id = $this->as('picture')
        ->postJson('/api/suites/dunlin/rehearsals', ['application' => 'cutloom'])
        ->assertCreated()
        ->json('id');
    $this->postJson("/api/rehearsals/{$id}/presses?system=macos", ['chord' => 'Meta+KeyT', 'focus' => 'timeline'])
        ->assertStatus(202)
        ->assertJsonPath('presses.0.state', 'waiting');
    $order = $this->checkIn('dunlin')->assertJsonPath('poll_after_ms', 150)->json('orders.0');
    expect($order['payload'])->toMatchArray(['code' => 'KeyT', 'held' => ['Control'], 'focus' => 'timeline']);
    $answer = [
        'did' => 'Added a picture track',
        'command' => 'add-picture-track',
        'context' => 'timeline',
        'because' => 'x',
        'file' => 'y',
        'state' => [
            'playhead' => 0,
            'mark_in' => null,
            'mark_out' => null,
            'markers' => [],
            'running' => 'stopped',
            'clips' => [],
            'keyframes' => [],
            'tracks' => 1,
            'tool' => 'pencil',
            'things' => ['grade'],
            'is_borrowed' => true,
        ],
    ];
    $this->asAgent('dunlin')->postJson("/api/agent/orders/{$order['id']}/answer", ['done' => true, 'answer' => $answer]);
    $this->as('picture')
        ->getJson("/api/rehearsals/{$id}")
        ->assertOk()
        ->assertJsonPath('presses.0.answer.did', 'Added a picture track');
    $this->postJson("/api/rehearsals/{$id}/presses", ['chord' => 'KeyT', 'focus' => 'kitchen'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'unknown-context');
});

test('a hold is rehearsed as a hold, with what the key types in the suite', function () {
    $id = $this->as('picture')
        ->postJson('/api/suites/curlew/rehearsals', ['application' => 'boardwick'])
        ->assertCreated()
        ->json('id');
    $this->postJson("/api/rehearsals/{$id}/presses", ['chord' => 'KeyB', 'focus' => 'easel', 'gesture' => 'hold'])
        ->assertStatus(202)
        ->assertJsonPath('presses.0.gesture', 'hold');
    $payload = $this->checkIn('curlew')->json('orders.0.payload');
    expect($payload)->toMatchArray([
        'code' => 'KeyB',
        'gesture' => 'hold',
        'characters' => ['b', 'B', '“', '‘'],
        'dead' => [false, false, false, false],
    ]);
    $this->as('picture')
        ->postJson("/api/rehearsals/{$id}/presses", ['chord' => 'KeyB', 'focus' => 'easel', 'gesture' => 'stroke'])
        ->assertStatus(422);
    $this->postJson('/api/suites/curlew/rehearsals', ['application' => 'gradewell'])->assertStatus(422);
});

test('menu titles are handed over to every suite beside its applications', function () {
    $this->as('picture')
        ->postJson('/api/applications/desktop/keymaps', [
            'name' => 'Titles',
            'title' => 'Titles',
            'change' => [
                'removed' => [],
                'added' => [['chord' => 'Primary+Alt+KeyR', 'command' => 'cutloom/Relink media', 'context' => 'cutloom']],
            ],
        ])
        ->assertCreated();
    $release = $this->postJson('/api/presets', ['name' => 'Titles only', 'note' => 'x'])
        ->assertCreated()
        ->json('id');
    $this->postJson('/api/suites/dunlin/handovers', ['release' => $release])->assertStatus(202);
    $files = $this->checkIn('dunlin')->json('orders.0.payload.files');
    expect(array_column($files, 'file_name'))
        ->toBe(['desktop-titles.json'])
        ->and(json_decode((string) base64_decode($files[0]['bytes']), true))
        ->toBe(['titles' => ['cutloom' => ['Primary Alt R' => 'Relink media']]]);
});
