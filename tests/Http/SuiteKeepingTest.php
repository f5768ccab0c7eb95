<?php

declare(strict_types=1);

use App\Models\Suite;
use Database\Seeders\DemoWorld;

const HERON = ['name' => 'Heron', 'board' => 'full-iso', 'layout' => 'german', 'system' => 'windows', 'applications' => ['cutloom']];

test('a suite is made, its agent comes in with a token that is shown once, and another token shuts that one out', function () {
    $this->as('keeper')
        ->postJson('/api/suites', HERON)
        ->assertCreated()
        ->assertJsonPath('id', 'heron');
    $this->getJson('/api/suites/heron')->assertJsonPath('agent.has_token', false);
    $token = $this->postJson('/api/suites/heron/token')->assertOk()->json('secret');
    expect(json_encode(Suite::query()->where('slug', 'heron')->firstOrFail()))->not->toContain($token);
    $ask = fn (string $token) => $this->withToken($token)->withHeader('Agent-Instance', 'one')->getJson('/api/agent/assignment');
    $ask($token)->assertOk();
    $newer = $this->withoutToken()->as('keeper')->postJson('/api/suites/heron/token')->json('secret');
    $ask($token)->assertStatus(401);
    $ask($newer)->assertOk();
    $this->withoutToken()->as('keeper')->deleteJson('/api/suites/heron/token')->assertNoContent();
    $ask($newer)->assertStatus(401);
});

test('a suite is renamed and moved to another keyboard, and its story says so', function () {
    $this->as('keeper')
        ->patchJson('/api/suites/avocet', ['name' => 'Avocet two', 'board' => 'full-iso', 'layout' => 'british', 'system' => 'windows'])
        ->assertOk()
        ->assertJson(['name' => 'Avocet two', 'system' => 'windows', 'id' => 'avocet']);
    expect($this->getJson('/api/suites/avocet')->json('story.*.kind'))->toContain('renamed', 'keyboard');
    $this->patchJson('/api/suites/avocet', ['name' => 'bittern'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'suite-name-taken');
});

test('a suite that is retired is listed no more, its agent is out, and its history stays', function () {
    $this->as('picture')
        ->putJson('/api/suites/avocet/sitting', ['until' => null, 'take_over' => false, 'accept' => []])
        ->assertOk();
    $this->as('keeper')->deleteJson('/api/suites/avocet')->assertNoContent();
    expect($this->getJson('/api/suites')->json('suites.*.id'))->not->toContain('avocet');
    $this->getJson('/api/suites/avocet')->assertStatus(404);
    expect(array_column($this->getJson('/api/journal?suite=avocet')->json('entries'), 'kind'))->toContain('suite-retired');
    $this->as('picture')->getJson('/api/sittings')->assertOk();
    $this->withToken(DemoWorld::TOKENS['avocet'])->getJson('/api/agent/assignment')->assertStatus(401);
});

test('two suites of one name are not to be told apart; after one is retired its name is free', function () {
    $this->as('keeper')
        ->postJson('/api/suites', HERON)
        ->assertCreated();
    $this->postJson('/api/suites', [...HERON, 'name' => 'HERON'])->assertStatus(409);
    $this->deleteJson('/api/suites/heron')->assertNoContent();
    $this->postJson('/api/suites', HERON)
        ->assertCreated()
        ->assertJsonPath('id', 'heron-2');
});

test('nobody without a token learns what the interface of agents has', function () {
    $this->getJson('/api/agent/nothing-here')->assertStatus(401);
    $this->asAgent('avocet')->getJson('/api/agent/nothing-here')->assertStatus(404);
});
