<?php

declare(strict_types=1);

use Illuminate\Support\Carbon;

/** @return array<string, string> how far it has come, by suite */
function steps($test, int $rollout): array
{
    $all = $test->as('keeper')->getJson('/api/rollouts')->assertOk()->json('rollouts');

    return array_column(
        array_map(
            static fn (array $one): array => [$one['suite']['id'], $one['step']],
            collect($all)->firstWhere('id', $rollout)['suites'],
        ),
        1,
        0,
    );
}

test('a rollout is looked at before: what it would change where, and what is wrong', function () {
    $standard = $this->houseStandard();
    $this->workstation('avocet')->round();
    $this->as('assistant')
        ->postJson('/api/dry-runs', ['release' => $standard['release'], 'suites' => ['avocet', 'dunlin']])
        ->assertOk()
        ->assertJsonPath('suites.0.applications.0.becomes', 'new')
        ->assertJsonPath('suites.0.applications.1.becomes', 'nothing-given')
        ->assertJsonPath('suites.1.applications.1.becomes', 'later')
        ->assertJsonPath('problems.0.kind', 'no-file');
    expect($this->suite('avocet')['follows'])->toBeNull();
});

test('one goes first; a fault in the second stops it; mended it goes on; and all goes back in one action', function () {
    $standard = $this->houseStandard();
    $suites = ['avocet', 'bittern', 'dunlin'];
    foreach ($suites as $suite) {
        $this->workstation($suite)->round();
    }
    $rollout = $this->rollOut($standard['release'], $suites, ['first' => 'avocet'])
        ->assertCreated()
        ->assertJsonPath('state', 'running')
        ->json('id');
    expect(steps($this, $rollout))->toBe(['avocet' => 'under-way', 'bittern' => 'waiting', 'dunlin' => 'waiting']);
    $this->workstation('bittern')->held['cutloom'] = 'read-only';
    $this->workstation('bittern')->round();
    expect($this->workstation('bittern')->files)->toBe([]);
    $this->workstation('avocet')->round();
    expect(steps($this, $rollout))->toBe(['avocet' => 'done', 'bittern' => 'faulty', 'dunlin' => 'under-way']);
    $stopped = $this->as('keeper')->getJson('/api/rollouts')->json('rollouts.0');
    expect($stopped['state'])->toBe('stopped')->and($stopped['suites'][1]['fault'])->toContain('read-only');
    unset($this->workstation('bittern')->held['cutloom']);
    $this->workstation('bittern')->round();
    $this->workstation('dunlin')->round();
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/go-on")
        ->assertOk()
        ->assertJsonPath('state', 'done');
    foreach ($suites as $suite) {
        expect($this->standing($suite))->toBe('in-step');
    }
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/go-back")
        ->assertOk()
        ->assertJsonPath('state', 'gone-back');
    foreach ($suites as $suite) {
        expect($this->workstation($suite)->round()->files)->toBe([]);
    }
});

test('an application that does not take its file stops the rollout, whatever the digests say', function () {
    $standard = $this->houseStandard();
    $this->workstation('avocet')->round();
    $rollout = $this->rollOut($standard['release'], ['avocet', 'dunlin'], ['first' => 'avocet'])->json('id');
    $this->workstation('avocet')->refused['cutloom'] = 'Lines 3 and 9 have the same chord in one focus.';
    $this->workstation('avocet')->round();
    expect(steps($this, $rollout))
        ->toBe(['avocet' => 'faulty', 'dunlin' => 'waiting'])
        ->and($this->as('keeper')->getJson('/api/rollouts')->json('rollouts.0.suites.0.fault'))
        ->toContain('Lines 3 and 9');
});

test('a rollout that is cancelled on its way leaves those that have it and gives the others what they had', function () {
    $standard = $this->houseStandard();
    $this->workstation('avocet')->round();
    $rollout = $this->rollOut($standard['release'], ['avocet', 'dunlin'])->json('id');
    $this->workstation('avocet')->round();
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/cancel")
        ->assertOk()
        ->assertJsonPath('state', 'cancelled');
    expect($this->workstation('dunlin')->round()->files)
        ->toBe([])
        ->and($this->workstation('avocet')->round()->files)
        ->toHaveKey('cutloom')
        ->and($this->suite('dunlin')['follows'])
        ->toBeNull();
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/pause")
        ->assertStatus(409)
        ->assertJsonPath('kind', 'wrong-course');
});

test('a paused rollout gives nobody anything until it goes on', function () {
    $standard = $this->houseStandard();
    $this->workstation('avocet')->round();
    $rollout = $this->rollOut($standard['release'], ['avocet', 'dunlin'], ['first' => 'avocet'])->json('id');
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/pause")
        ->assertOk()
        ->assertJsonPath('state', 'paused');
    $this->workstation('avocet')->round();
    $this->workstation('dunlin')->round();
    expect(steps($this, $rollout))->toBe(['avocet' => 'under-way', 'dunlin' => 'waiting']);
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/go-on")
        ->assertOk();
    expect(steps($this, $rollout))->toBe(['avocet' => 'done', 'dunlin' => 'under-way']);
});

test('a rollout for an hour begins when that comes, by the clock alone', function () {
    $standard = $this->houseStandard();
    $avocet = $this->workstation('avocet')->round();
    $this->rollOut($standard['release'], ['avocet'], ['at' => now()->addHours(3)->toIso8601String()])->assertJsonPath('state', 'planned');
    expect($avocet->round()->files)->toBe([]);
    Carbon::setTestNow(now()->addHours(4));
    $this->artisan('schedule:test', ['--name' => 'suites'])->assertSuccessful();
    expect($avocet->round()->files)->toHaveKey('cutloom');
});

test('a rollout waits in a suite until an application is closed, if it is to', function () {
    $standard = $this->houseStandard();
    $this->workstation('avocet')->round();
    $this->rollOut($standard['release'], ['avocet'], ['when' => 'closed'])->assertCreated();
    expect($this->workstation('avocet')->assignment()['when'])->toBe('closed');
    $this->workstation('avocet')->held['cutloom'] = 'running';
    $this->workstation('avocet')->round();
    expect($this->standing('avocet'))
        ->toBe('held-back')
        ->and($this->as('keeper')->getJson('/api/rollouts')->json('rollouts.0.state'))
        ->toBe('running');
});

test('two rollouts are never on their way to one suite', function () {
    $standard = $this->houseStandard();
    $this->rollOut($standard['release'], ['avocet', 'dunlin'])->assertCreated();
    $this->rollOut($standard['release'], ['dunlin', 'curlew'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'wrong-course');
});

test('what is wrong has to be accepted by name with a reason before anything goes out', function () {
    $standard = $this->houseStandard();
    $body = ['release' => $standard['release'], 'suites' => ['avocet']];
    $problems = $this->as('keeper')->postJson('/api/rollouts', $body)->assertStatus(422)->json('problems');
    $ids = array_column($problems, 'id');
    $this->postJson('/api/rollouts', $body + ['accept' => $ids])->assertStatus(422);
    $this->postJson('/api/rollouts', $body + ['accept' => array_slice($ids, 1), 'reason' => 'x'])->assertStatus(422);
    $this->postJson('/api/rollouts', $body + ['accept' => $ids, 'reason' => 'the sound comes later'])
        ->assertCreated()
        ->assertJsonPath('reason', 'the sound comes later');
});

test('a file that nobody gave goes when the rollout names just that one', function () {
    $standard = $this->houseStandard();
    $avocet = $this->workstation('avocet');
    $avocet->files['cutloom'] = '<cutloom-keys/>';
    $avocet->round();
    $this->rollOut($standard['release'], ['avocet'], ['overwrite' => ['avocet' => ['cutloom' => hash('sha256', '<cutloom-keys/>')]]])
        ->assertCreated()
        ->assertJsonPath('state', 'running');
    expect($avocet->round()->files['cutloom'])->toContain('split-at-playhead');
    $rollout = $this->as('keeper')->getJson('/api/rollouts')->json('rollouts.0.id');
    $this->postJson("/api/rollouts/{$rollout}/go-back")->assertOk();
    expect($avocet->round()->files['cutloom'])->toBe('<cutloom-keys/>');
});

test('a suite that was gone back on gets the next release as if nothing had been', function () {
    $standard = $this->houseStandard();
    $avocet = $this->workstation('avocet')->round();
    $rollout = $this->rollOut($standard['release'], ['avocet'])->json('id');
    $avocet->round();
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/go-back")
        ->assertOk();
    expect($avocet->round()->files)->toBe([]);
    $this->rollOut($standard['release'], ['avocet'])->assertCreated();
    expect($avocet->round()->files)->toHaveKey('cutloom')->and($this->standing('avocet'))->toBe('in-step');
});
