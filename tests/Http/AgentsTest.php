<?php

declare(strict_types=1);

use App\Models\Suite;
use Illuminate\Support\Carbon;

test('two agents with one token are refused and told of, and the second takes over once the first is silent', function () {
    $this->workstation('avocet')->round();
    $second = clone $this->workstation('avocet');
    $second->instance = 'another';
    $second->ask('GET', 'assignment')->assertStatus(409)->assertJsonPath('kind', 'second-agent');
    expect($this->suite('avocet')['second_agent_at'])->not->toBeNull();
    $this->workstation('avocet')->ask('GET', 'assignment')->assertOk();
    Carbon::setTestNow(now()->addSeconds(61));
    $second->ask('GET', 'assignment')->assertOk();
    $this->workstation('avocet')->ask('GET', 'assignment')->assertStatus(409);
});

test('a report that comes twice or late changes nothing', function () {
    $avocet = $this->workstation('avocet');
    $avocet->files['cutloom'] = 'first';
    $avocet->report();
    $avocet->files['cutloom'] = 'second';
    $avocet->report();
    $now = $this->suite('avocet')['files'][0]['sha256'];
    expect($now)->toBe(hash('sha256', 'second'));
    $avocet->files['cutloom'] = 'first';
    $avocet->report(1);
    $avocet->report(2);
    expect($this->suite('avocet')['files'][0]['sha256'])->toBe($now);
    $avocet->report(3);
    expect($this->suite('avocet')['files'][0]['sha256'])->toBe(hash('sha256', 'first'));
});

test('bytes that have another digest than is said are refused, and the report that names it is not taken', function () {
    $avocet = $this->workstation('avocet');
    $avocet->send('these bytes', hash('sha256', 'others'))->assertStatus(422)->assertJsonPath('kind', 'wrong-digest');
    $report = [
        'sequence' => 1,
        'at' => 0,
        'version' => '1.0',
        'number' => 0,
        'files' => [['application' => 'cutloom', 'sha256' => hash('sha256', 'others'), 'installed' => null]],
        'running' => [],
        'copies' => [],
    ];
    $avocet
        ->ask('POST', 'report', $report)
        ->assertOk()
        ->assertJsonPath('missing', [hash('sha256', 'others')]);
    expect($this->suite('avocet')['files'][0]['sha256'])->toBeNull();
});

test('a clock that goes wrong changes no order and no hour', function () {
    $avocet = $this->workstation('avocet');
    $report = ['sequence' => 1, 'at' => now()->getTimestamp() - 7200, 'version' => '1.0', 'number' => 0, 'files' => [], 'running' => []];
    $copy = ['application' => 'cutloom', 'sha256' => str_repeat('a', 64), 'taken_at' => now()->getTimestamp() - 7260, 'bytes' => 3];
    $avocet->ask('POST', 'report', $report + ['copies' => [$copy]])->assertOk();
    $page = $this->as('picture')->getJson('/api/suites/avocet')->assertOk();
    expect($page->json('agent.skew_seconds'))
        ->toBeGreaterThanOrEqual(7200)
        ->and(Carbon::parse($page->json('copies.0.taken_at'))->diffInSeconds(now()))
        ->toBeBetween(59, 65);
});

test('an agent fetches only the files of its own assignment', function () {
    $standard = $this->houseStandard();
    $this->workstation('dunlin')->round();
    $this->rollOut($standard['release'], ['dunlin']);
    $sha256 = $this->workstation('dunlin')->assignment()['install'][0]['sha256'];
    $this->workstation('avocet')
        ->ask('GET', "files/{$sha256}")
        ->assertStatus(404);
    $this->workstation('dunlin')
        ->ask('GET', "files/{$sha256}")
        ->assertOk();
});

test('more copies than are told of, strangers among them, and an application nobody knows take no suite offline', function () {
    $avocet = $this->workstation('avocet');
    $copies = array_fill(0, 500, ['application' => 'oven', 'sha256' => str_repeat('b', 64), 'taken_at' => 1, 'bytes' => 1]);
    $files = [['application' => 'oven', 'sha256' => null, 'installed' => null]];
    $report = ['at' => 1, 'version' => '1.0', 'number' => 0, 'running' => [], 'files' => $files];
    $avocet->ask('POST', 'report', $report + ['sequence' => 1, 'copies' => $copies])->assertOk();
    expect($this->suite('avocet')['is_online'])->toBeTrue();
});

test('a report that is no report is refused with what is wrong, and nothing of it is taken', function (array $change, string $field) {
    $report = ['sequence' => 1, 'at' => 1, 'version' => '1', 'number' => 0, 'files' => [], 'running' => [], 'copies' => []];
    $answer = $this->workstation('avocet')
        ->ask('POST', 'report', $change + $report)
        ->assertStatus(422);
    expect(array_keys($answer->json('fields')))
        ->toContain($field)
        ->and(Suite::query()->where('slug', 'avocet')->value('last_seen_at'))
        ->toBeNull();
})->with([
    'a sequence past all numbers' => [['sequence' => '99999999999999999999999'], 'sequence'],
    'a digest that is none' => [['files' => [['application' => 'cutloom', 'sha256' => 'x', 'installed' => null]]], 'files.0.sha256'],
    'a text for files' => [['files' => 'cutloom'], 'files'],
    'a year past all years' => [['at' => 99999999999999], 'at'],
]);
