<?php

declare(strict_types=1);

use App\Http\RateLimits;
use Database\Seeders\DemoWorld;
use Tests\ApiDescription;

test('every route is described, and every description has a route', function () {
    $described = [];
    foreach (ApiDescription::document()['paths'] as $path => $operations) {
        foreach (array_keys($operations) as $method) {
            $described[] = strtoupper($method)." {$path}";
        }
    }
    expect(array_keys(ApiDescription::routes()))->toEqualCanonicalizing($described);
});

/** What somebody asks who has no account, or cannot get into it. */
const FOR_NOBODY_YET = ['POST /set-up', 'POST /opened-invitations', 'POST /accounts', 'POST /password-resets', 'PUT /password-resets'];

test('every route but those of the session and the agents is opened by a policy', function () {
    foreach (ApiDescription::routes() as $name => $route) {
        $middleware = implode(' ', $route->gatherMiddleware());
        $isOpen = str_contains($name, ' /session') || in_array($name, FOR_NOBODY_YET, true) || str_starts_with($route->uri(), 'api/agent/');
        expect($isOpen || (str_contains($middleware, 'auth') && str_contains($middleware, 'can:')))->toBeTrue($name);
    }
});

test('nobody gets in without signing in', function () {
    foreach (ApiDescription::routes() as $name => $route) {
        if (! in_array($name, [...FOR_NOBODY_YET, 'GET /session', 'POST /session'], true)) {
            [$method] = explode(' ', $name);
            $path = strtr($route->uri(), [
                '{sha256}' => str_repeat('a', 64),
                '{turn}' => 'pause',
                '{session}' => str_repeat('a', 16),
                '{rehearsal}' => '00000000-0000-0000-0000-000000000000',
                '{drill}' => '00000000-0000-0000-0000-000000000000',
                '{sheet}' => 'strip',
            ]);
            $this->json($method, '/'.preg_replace('/\{\w+\}/', '1', $path))
                ->assertStatus(401)
                ->assertJsonPath('kind', 'not-signed-in');
        }
    }
});

test('signing in and out', function () {
    $this->getJson('/api/session')->assertOk()->assertJsonPath('person', null);
    $this->postJson('/api/session', ['email' => 'picture@saltmarsh.example', 'password' => DemoWorld::PASSWORD])
        ->assertOk()
        ->assertJsonPath('person.name', 'picture editor');
    $this->getJson('/api/session')->assertJsonPath('person.role', 'editor');
    $this->deleteJson('/api/session')->assertNoContent();
    $this->app['auth']->forgetGuards();
    $this->getJson('/api/session')->assertJsonPath('person', null);
});

test('a wrong password says so without telling which accounts exist', function (string $email) {
    $this->postJson('/api/session', ['email' => $email, 'password' => 'wrong'])
        ->assertStatus(422)
        ->assertJsonPath('fields.email', 'This address and password do not belong together.');
})->with(['picture@saltmarsh.example', 'nobody@saltmarsh.example']);

test('too many tries are turned away for a while', function () {
    for ($try = 0; $try < RateLimits::SIGN_INS; $try++) {
        $this->postJson('/api/session', ['email' => 'sound@saltmarsh.example', 'password' => 'wrong'])->assertStatus(422);
    }
    $this->postJson('/api/session', ['email' => 'sound@saltmarsh.example', 'password' => DemoWorld::PASSWORD])
        ->assertStatus(429)
        ->assertJsonPath('kind', 'too-many-tries');
});

test('passwords are kept hashed', function () {
    expect(App\Models\User::query()->firstOrFail()->password)->toStartWith('$argon2id$');
});

test('a write without the token of the page is refused', function () {
    // The framework lets tests pass without a token; in this one it stands as in service.
    $this->app['env'] = 'production';
    $this->app->instance('env', 'production');
    $this->as('picture')
        ->postJson('/api/presets', ['name' => 'Mine', 'note' => 'x'])
        ->assertStatus(419)
        ->assertJsonPath('kind', 'page-too-old');
});

test('every answer carries the security headers, and no inline script or style is allowed', function (string $path) {
    $this->withoutVite();
    $policy = $this->get($path)->headers->get('Content-Security-Policy');
    expect($policy)
        ->toContain("default-src 'none'", "script-src 'self'", "style-src 'self'", "frame-ancestors 'none'")
        ->not->toContain('unsafe');
})->with(['/', '/find', '/api/session']);

test('people see only their own keymaps and key files', function () {
    $keymap = $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertCreated()
        ->json('id');
    $file = $this->bringIn('cutloom', (string) file_get_contents(base_path('catalogues/cutloom/factory.xml')))->assertCreated()->json('id');
    $this->as('sound');
    $this->postJson("/api/keymaps/{$keymap}/use")
        ->assertStatus(403)
        ->assertJsonPath('kind', 'not-allowed');
    $this->postJson("/api/keymaps/{$keymap}/undo", ['version' => 1])->assertStatus(403);
    $this->getJson("/api/key-files/{$file}")->assertStatus(403);
    $this->getJson('/api/keymaps')->assertJsonPath('keymaps', []);
});

test('an address that leads nowhere is a problem, not a page', function () {
    $this->as('picture')->getJson('/api/applications/nosuch')->assertStatus(404)->assertJsonPath('kind', 'unknown-application');
    $this->getJson('/api/keymaps/999/use')->assertStatus(405);
    $this->getJson('/api/nowhere')->assertStatus(404)->assertHeader('Content-Type', 'application/problem+json');
});
