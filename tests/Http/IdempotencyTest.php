<?php

declare(strict_types=1);

use App\Http\Middleware\Idempotency;
use App\Http\Middleware\LimitConcurrency;
use App\Models\Keymap;
use App\Models\Preset;
use Illuminate\Support\Facades\DB;
use Tests\ApiDescription;

/** A write under a key. */
function keyed($test, string $key, string $path, array $body, string $account = 'picture')
{
    return $test->as($account)->postJson($path, $body, ['Idempotency-Key' => $key]);
}

test('a write that is asked again under its key is made once, and answered as the first time', function () {
    $first = keyed($this, 'write-0001', '/api/applications/cutloom/keymaps', ['name' => 'Mine'])->assertCreated();
    $again = keyed($this, 'write-0001', '/api/applications/cutloom/keymaps', ['name' => 'Mine'])->assertCreated();
    expect($again->getContent())->toBe($first->getContent())->and($again->headers->get('Idempotent-Replayed'))->toBe('true');
    expect(Keymap::query()->where('name', 'Mine')->count())->toBe(1);
    keyed($this, 'write-0002', '/api/applications/cutloom/keymaps', ['name' => 'Mine'])->assertStatus(422);
});

test('what was refused leaves no key behind, and can be asked rightly under it', function () {
    keyed($this, 'write-0001', '/api/applications/cutloom/keymaps', ['name' => ''])->assertStatus(422);
    expect(DB::table('idempotency_keys')->count())->toBe(0);
    keyed($this, 'write-0001', '/api/applications/cutloom/keymaps', ['name' => 'Mine'])->assertCreated();
});

test('a key belongs to one request of one person', function () {
    keyed($this, 'write-0001', '/api/applications/cutloom/keymaps', ['name' => 'Mine'])->assertCreated();
    keyed($this, 'write-0001', '/api/applications/cutloom/keymaps', ['name' => 'Other'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'key-used');
    keyed($this, 'write-0001', '/api/applications/cutloom/keymaps', ['name' => 'Mine'], 'sound')->assertCreated();
    expect(Keymap::query()->where('name', 'Mine')->count())->toBe(2);
});

test('a key that is none is refused before anything is done', function (string $key) {
    keyed($this, $key, '/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'key-used');
    expect(Keymap::query()->count())->toBe(0);
})->with(['short', 'with spaces in it', str_repeat('a', 81)]);

test('what follows a write happens once, with it', function () {
    $this->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    foreach (range(1, 3) as $time) {
        keyed($this, 'write-0001', '/api/presets', ['name' => 'Mine', 'note' => 'first'])->assertCreated();
    }
    expect(Preset::query()->count())
        ->toBe(1)
        ->and(DB::table('journal')->where('kind', 'release-made')->count())
        ->toBe(1);
});

test('questions have no key', function () {
    $this->as('picture')
        ->getJson('/api/suites', ['Idempotency-Key' => 'read-0001'])
        ->assertOk();
    expect(DB::table('idempotency_keys')->count())->toBe(0);
});

test('an answer that shows a secret is stored closed, and no digest of a password can be tried', function () {
    $body = ['name' => 'Nightly', 'abilities' => ['read'], 'days' => 7, 'password' => 'night-train'];
    $first = keyed($this, 'write-0001', '/api/account/tokens', $body)->assertCreated();
    $row = json_encode(DB::table('idempotency_keys')->first(), JSON_THROW_ON_ERROR);
    expect($row)
        ->not->toContain($first->json('secret'))
        ->not->toContain(base64_encode((string) $first->getContent()))
        ->not->toContain(hash('sha256', json_encode(['POST', '/api/account/tokens', json_encode($body), $body, []], JSON_THROW_ON_ERROR)));
    expect(keyed($this, 'write-0001', '/api/account/tokens', $body)->json('secret'))->toBe($first->json('secret'));
});

test('whoever has long work under way is told before a transaction is begun', function () {
    $route = ApiDescription::routes()['POST /applications/{application}/key-files'];
    $order = app('router')->gatherRouteMiddleware($route);
    $at = static fn (string $class): int => (int) array_key_first(array_filter($order, static fn ($one): bool => $one === $class));
    expect($at(LimitConcurrency::class))->toBeLessThan($at(Idempotency::class))->toBeGreaterThan(0);
});
