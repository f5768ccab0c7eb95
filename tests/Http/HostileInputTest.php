<?php

declare(strict_types=1);

use App\Http\RateLimits;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Tests\ApiDescription;
use Tests\Hostile;

/** How often a tries is made in the run of all tests; `HOSTILE_TRIES` asks for more. */
const TRIES = 5000;

test('no text, number, id, list or file, however hostile, is answered with a fault of the server', function (int $part, int $parts) {
    foreach (['hands', 'codes', 'long', 'sign-in', 'agents'] as $name) {
        RateLimiter::for($name, static fn (): Limit => Limit::none());
    }
    $tries = (int) (getenv('HOSTILE_TRIES') ?: TRIES);
    $hostile = new Hostile(20261127 + $part);
    $routes = array_keys(ApiDescription::routes());
    $faults = [];
    for ($try = 0; $try < intdiv($tries, $parts); $try++) {
        $route = $routes[$try % count($routes)];
        [$method, $path] = explode(' ', $route);
        // What a try signs out of, removes or ends is there again for the next.
        DB::beginTransaction();
        $account = ['keeper', 'picture', 'assistant'][$try % 3];
        str_starts_with($path, '/agent/') ? $this->asAgent('avocet') : $this->withoutToken()->as($account);
        $asked = $hostile->request($method, $path);
        $response = $this->call($method, $asked['uri'], $asked['form'], [], $asked['files'], $asked['server'], $asked['body']);
        if ($response->getStatusCode() >= 500) {
            $faults["{$route} {$asked['told']}"] = $response->exception?->getMessage();
        }
        while (DB::transactionLevel() > 1) {
            DB::rollBack();
        }
    }
    expect(array_slice($faults, 0, 12))->toBe([]);
})->with([[0, 2], [1, 2]]);

test('what is no text is refused in every place, and said where it is', function (array $asked, string $where) {
    $this->as('picture');
    $response = $this->call(
        $asked[0],
        $asked[1],
        [],
        [],
        $asked[3] ?? [],
        ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
        $asked[2] ?? null,
    );
    $response->assertStatus(400)->assertJsonPath('kind', 'malformed');
    expect($response->json('detail'))->toContain($where);
})->with([
    'bytes that are no UTF-8' => [['GET', "/api/find?words=\xC3\x28"], 'words'],
    'NUL in an address' => [['GET', '/api/find?words=a%00b'], 'the address'],
    'a lone surrogate' => [['POST', '/api/presets', '{"name": "\ud800", "note": "x"}'], 'JSON'],
    'NUL in a text' => [['POST', '/api/presets', '{"name": "a\u0000b", "note": "x"}'], 'name'],
    'a number without end' => [['PATCH', '/api/suites/avocet', '{"version": 1e400}'], 'version'],
    'a number that JSON does not carry' => [['PATCH', '/api/suites/avocet', '{"version": 9223372036854775808}'], 'version'],
    'lists without end' => [['POST', '/api/presets', str_repeat('[', 200).str_repeat(']', 200)], 'JSON'],
    'half of JSON' => [['POST', '/api/presets', '{"name": '], 'JSON'],
]);

test('an id that is no number, or no number that a row can have, leads nowhere', function (string $id) {
    foreach (['/api/keymaps/{}/comparison', '/api/releases/{}/archive', '/api/harmonisations/{}', '/api/house-applications/{}'] as $path) {
        $this->as('picture')->getJson(str_replace('{}', $id, $path))->assertStatus(404);
    }
})->with(['abc', '-1', '1e3', '99999999999999999999', '9223372036854775807', '0x10', '%20', '1.5']);

test('the same made twice at once is one, and the second is told so', function () {
    $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertCreated();
    $this->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'name-taken');
    Route::get('/api/twice', static fn () => DB::table('kits')->insert(['user_id' => DB::table('kits')->value('user_id'), 'name' => 'x']));
    DB::beginTransaction();
    $this->getJson('/api/twice')->assertStatus(409)->assertJsonPath('kind', 'there-already');
    DB::rollBack();
});

test('a loop is told when to come back, and hands never meet that', function () {
    $this->as('picture');
    for ($time = 0; $time < RateLimits::LONG; $time++) {
        $this->getJson('/api/applications/cutloom/settlement')->assertOk();
    }
    $response = $this->getJson('/api/applications/cutloom/settlement')->assertStatus(429)->assertJsonPath('kind', 'too-many-tries');
    expect((int) $response->headers->get('Retry-After'))->toBeGreaterThan(0);
    $this->getJson('/api/suites')->assertOk();
    $this->as('sound')->getJson('/api/applications/cutloom/settlement')->assertOk();
});

test('somebody whose long work is under way waits with the next', function () {
    $sound = App\Models\User::query()->where('email', 'sound@saltmarsh.example')->firstOrFail();
    $lock = Cache::lock("long-work-{$sound->id}", 10);
    expect($lock->get())->toBeTrue();
    $this->as('sound')
        ->getJson('/api/applications/cutloom/settlement')
        ->assertStatus(429)
        ->assertJsonPath('kind', 'busy')
        ->assertHeader('Retry-After');
    $this->as('picture')->getJson('/api/applications/cutloom/settlement')->assertOk();
    $lock->release();
    $this->as('sound')->getJson('/api/applications/cutloom/settlement')->assertOk();
});

test('a file whose name is no text is refused, and one that is large is told how large it may be', function () {
    $this->as('picture');
    $named = UploadedFile::fake()->createWithContent("a\xC3\x28.keys", 'x');
    $this->post('/api/applications/cutloom/key-files', ['file' => $named], ['Accept' => 'application/json'])->assertStatus(400);
});

test('a file of an application with one value of another kind is refused or read, and never breaks the server', function () {
    $slug = $this->applicationInUse();
    $row = App\Description\HouseApplication::query()->where('slug', $slug)->firstOrFail();
    $file = (string) $this->get("/api/house-applications/{$row->id}/file")->getContent();
    $data = json_decode($file, true, 512, JSON_THROW_ON_ERROR);
    // What is signed is refused for its signature before it is read.
    unset($data['signature'], $data['public_key'], $data['signed_by']);
    RateLimiter::for('long', static fn (): Limit => Limit::none());
    $hostile = new Hostile(4);
    $faults = [];
    for ($try = 0; $try < 150; $try++) {
        $bytes = (string) json_encode($hostile->spoiled($data), JSON_PARTIAL_OUTPUT_ON_ERROR);
        $response = $this->post(
            '/api/house-applications/file-previews',
            ['file' => UploadedFile::fake()->createWithContent('x.json', $bytes)],
            ['Accept' => 'application/json'],
        );
        if ($response->getStatusCode() >= 500) {
            $faults[] = $response->exception?->getMessage();
        }
    }
    expect(array_count_values($faults))->toBe([]);
});

test('an agent\'s report with one value of another kind is refused or taken, and never breaks the server', function () {
    $report = [
        'sequence' => 1,
        'at' => now()->getTimestamp(),
        'version' => '1.0',
        'number' => 0,
        'files' => [['application' => 'cutloom', 'sha256' => null, 'installed' => null, 'held' => null, 'loaded' => true, 'says' => 'x']],
        'running' => ['cutloom'],
        'copies' => [['application' => 'cutloom', 'sha256' => str_repeat('a', 64), 'taken_at' => 1, 'bytes' => 1]],
        'focus' => ['application' => 'cutloom', 'context' => 'timeline'],
    ];
    RateLimiter::for('agents', static fn (): Limit => Limit::none());
    $hostile = new Hostile(5);
    $faults = [];
    for ($try = 0; $try < 400; $try++) {
        $response = $this->asAgent('avocet')->postJson('/api/agent/report', (array) $hostile->spoiled($report));
        if ($response->getStatusCode() >= 500) {
            $faults[] = $response->exception?->getMessage();
        }
    }
    expect(array_count_values($faults))->toBe([]);
    $this->as('keeper')->getJson('/api/suites/avocet')->assertOk();
});
