<?php

declare(strict_types=1);

use App\Models\Keymap;
use App\Models\Preset;
use Illuminate\Support\Facades\DB;

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
    expect(DB::table('first_answers')->count())->toBe(0);
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
    expect(DB::table('first_answers')->count())->toBe(0);
});
