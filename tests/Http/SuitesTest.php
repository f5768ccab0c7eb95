<?php

declare(strict_types=1);

use App\Models\Suite;
use Illuminate\Support\Carbon;

test('a suite that nobody has heard of is offline, and online once its agent asks', function () {
    expect($this->suite('avocet')['is_online'])->toBeFalse();
    $this->workstation('avocet')->round();
    expect($this->suite('avocet')['is_online'])->toBeTrue()->and($this->suite('dunlin')['is_online'])->toBeFalse();
    Carbon::setTestNow(now()->addMinute());
    expect($this->suite('avocet')['is_online'])->toBeFalse();
});

test('an agent without its token is turned away', function () {
    $this->withToken('guessed')->getJson('/api/agent/assignment')->assertStatus(401);
});

test('what is not changed is answered by its tag alone, and anew once something of it changes', function () {
    $standard = $this->houseStandard();
    $this->workstation('avocet')->round();
    $tag = (string) $this->workstation('avocet')->ask('GET', 'assignment')->assertOk()->headers->get('ETag');
    $this->asAgent('avocet')
        ->getJson('/api/agent/assignment', ['If-None-Match' => $tag])
        ->assertStatus(304);
    $this->rollOut($standard['release'], ['avocet'])->assertCreated();
    $this->asAgent('avocet')
        ->getJson('/api/agent/assignment', ['If-None-Match' => $tag])
        ->assertOk();
});

test('a suite has what it follows, byte for byte, once its agent has been round', function () {
    $standard = $this->houseStandard();
    $avocet = $this->workstation('avocet')->round();
    expect($this->standing('avocet'))->toBe('no-file');
    $this->as('keeper')
        ->putJson('/api/suites/avocet/following', ['preset' => $standard['preset']])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'not-accepted');
    $problems = $this->putJson('/api/suites/avocet/following', ['preset' => $standard['preset']])->json('problems');
    expect(array_column($problems, 'kind'))->toContain('no-file');
    $this->putJson('/api/suites/avocet/following', [
        'preset' => $standard['preset'],
        'accept' => array_column($problems, 'id'),
        'reason' => 'the rest comes later',
    ])->assertOk();
    expect($this->standing('avocet'))->toBe('on-its-way');
    $avocet->round();
    expect($this->standing('avocet'))
        ->toBe('in-step')
        ->and($avocet->files['cutloom'])
        ->toContain('keys="B" run="split-at-playhead"')
        ->and($this->suite('avocet')['follows'])
        ->toMatchArray(['is_pinned' => false, 'behind' => 0]);
    Carbon::setTestNow(now()->addMinutes(2));
    expect($this->suite('avocet'))->toMatchArray(['is_online' => false]);
});

test('who follows the newest gets the next release by itself, and who is pinned stays and is told how far behind', function () {
    $standard = $this->houseStandard();
    $this->rollOut($standard['release'], ['dunlin'])->assertCreated();
    $this->as('keeper')->putJson('/api/suites/avocet/following', [
        'preset' => $standard['preset'],
        'accept' => array_column($this->putJson('/api/suites/avocet/following', ['preset' => $standard['preset']])->json('problems'), 'id'),
        'reason' => 'x',
    ]);
    $avocet = $this->workstation('avocet')->round();
    $dunlin = $this->workstation('dunlin')->round();
    $this->as('keeper')->keymap('cutloom', 'split-at-playhead', 'KeyY', 'timeline', 'Second');
    $this->release($standard['preset'], 'the second');
    $avocet->round();
    $dunlin->round();
    expect($avocet->files['cutloom'])
        ->toContain('keys="Y" run="split-at-playhead"')
        ->and($dunlin->files['cutloom'])
        ->toContain('keys="B" run="split-at-playhead"')
        ->and($this->suite('dunlin')['follows'])
        ->toMatchArray(['is_pinned' => true, 'behind' => 1])
        ->and($this->standing('dunlin'))
        ->toBe('in-step');
});

test('a kit that says the same makes no release', function () {
    $standard = $this->houseStandard();
    $this->postJson("/api/presets/{$standard['preset']}/releases", ['note' => 'the same again'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'nothing-new');
});

test('a file that was there before anything was given stays until somebody says that it may go', function () {
    $standard = $this->houseStandard();
    $avocet = $this->workstation('avocet');
    $avocet->files['cutloom'] = '<cutloom-keys><!-- ours --></cutloom-keys>';
    $avocet->round();
    $this->rollOut($standard['release'], ['avocet'])
        ->assertCreated()
        ->assertJsonPath('state', 'stopped');
    $avocet->round();
    expect($avocet->files['cutloom'])->toContain('ours')->and($this->standing('avocet'))->toBe('nobody-gave');
    $rollout = $this->as('keeper')->getJson('/api/rollouts')->json('rollouts.0');
    expect($rollout['suites'][0]['fault'])->toContain('nobody gave');
    $this->postJson('/api/suites/avocet/files/cutloom', ['way' => 'overwrite', 'sha256' => hash('sha256', 'another')])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'stale-file');
    $this->postJson('/api/suites/avocet/files/cutloom', [
        'way' => 'overwrite',
        'sha256' => hash('sha256', $avocet->files['cutloom']),
    ])->assertOk();
    $avocet->round();
    expect($avocet->files['cutloom'])->not->toContain('ours')->and($avocet->copies)->toHaveCount(1);
});

/** A suite with the house standard, in which somebody has given splitting the key T by hand. */
function changedByHand($test): array
{
    $standard = $test->houseStandard();
    $avocet = $test->workstation('avocet')->round();
    $test->rollOut($standard['release'], ['avocet'])->assertCreated();
    $avocet->round();
    $avocet->files['cutloom'] = str_replace(
        'keys="B" run="split-at-playhead"',
        'keys="T" run="split-at-playhead"',
        $avocet->files['cutloom'],
    );
    $avocet->report();

    return $standard;
}

test('a file changed by hand is seen and shown against what was given, and taken into a kit as if it had been brought in', function () {
    changedByHand($this);
    $avocet = $this->workstation('avocet')->round();
    expect($this->standing('avocet'))->toBe('changed-by-hand')->and($avocet->files['cutloom'])->toContain('keys="T" run="split');
    $this->as('keeper')
        ->getJson('/api/suites/avocet/files/cutloom')
        ->assertOk()
        ->assertJsonPath('given.number', 1)
        ->assertJsonPath('by_hand.0.command.id', 'split-at-playhead')
        ->assertJsonPath('by_hand.0.after.0.chord.id', 'KeyT');
    $this->as('sound')
        ->postJson('/api/suites/avocet/imports', ['application' => 'cutloom'])
        ->assertCreated()
        ->assertJsonPath('against_factory.added.0.chord.id', 'KeyT');
});

test('a file changed by hand that is left stays, whatever is released, until somebody gives it up', function () {
    $standard = changedByHand($this);
    $avocet = $this->workstation('avocet');
    $sha256 = hash('sha256', $avocet->files['cutloom']);
    $this->as('keeper')
        ->postJson('/api/suites/avocet/files/cutloom', ['way' => 'leave', 'sha256' => $sha256, 'reason' => 'for the trainee'])
        ->assertOk();
    expect($this->standing('avocet'))->toBe('left');
    $this->as('keeper')->keymap('cutloom', 'split-at-playhead', 'KeyY', 'timeline', 'Second');
    $second = $this->release($standard['preset']);
    $this->rollOut($second, ['avocet']);
    $avocet->round();
    expect($avocet->files['cutloom'])->toContain('keys="T" run="split');
    $this->as('keeper')
        ->postJson('/api/suites/avocet/files/cutloom', ['way' => 'overwrite', 'sha256' => $sha256])
        ->assertOk();
    $avocet->round();
    expect($avocet->files['cutloom'])->toContain('keys="Y" run="split')->and($this->standing('avocet'))->toBe('in-step');
    $story = $this->as('assistant')->getJson('/api/suites/avocet')->assertOk()->json('story');
    expect(array_column($story, 'why'))->toContain('for the trainee');
});

test('a file changed by hand is merged with what is due, clash by clash, for this suite or as the next release', function (string $way) {
    $standard = changedByHand($this);
    $avocet = $this->workstation('avocet');
    $this->as('keeper')->keymap('cutloom', 'split-at-playhead', 'KeyY', 'timeline', 'Second');
    $this->rollOut($this->release($standard['preset']), ['avocet']);
    $avocet->round();
    $shown = $this->as('keeper')->getJson('/api/suites/avocet/files/cutloom')->assertOk();
    $question = $shown->json('questions.0');
    expect($question['kind'])
        ->toBe('same-command')
        ->and($question['ours'][0]['chord']['id'])
        ->toBe('KeyT');
    $body = ['way' => $way, 'sha256' => $shown->json('sha256'), 'note' => 'T stays', 'reason' => 'they like it'];
    $this->postJson('/api/suites/avocet/files/cutloom', $body)->assertStatus(409)->assertJsonPath('kind', 'undecided');
    $this->postJson('/api/suites/avocet/files/cutloom', $body + ['answers' => [$question['id'] => 'ours']])->assertOk();
    $avocet->round();
    expect($avocet->files['cutloom'])
        ->toContain('keys="T" run="split')
        ->and($this->standing('avocet'))
        ->toBe($way === 'merge' ? 'left' : 'in-step');
    $newest = collect($this->as('keeper')->getJson('/api/presets')->json('presets'))->firstWhere('id', $standard['preset'])['releases'][0];
    expect($newest['number'])->toBe($way === 'merge' ? 2 : 3);
})->with(['merge', 'release']);

test('a copy of an overwritten file is put back, and one that is not there is refused', function () {
    $standard = changedByHand($this);
    $avocet = $this->workstation('avocet');
    $byHand = $avocet->files['cutloom'];
    $this->as('keeper')->postJson('/api/suites/avocet/files/cutloom', ['way' => 'overwrite', 'sha256' => hash('sha256', $byHand)]);
    $avocet->round();
    $copy = $this->as('keeper')->getJson('/api/suites/avocet')->json('copies.0');
    expect($copy)->toMatchArray(['sha256' => hash('sha256', $byHand), 'may_put_back' => true]);
    $body = ['way' => 'put-back', 'sha256' => hash('sha256', $avocet->files['cutloom'])];
    $this->postJson('/api/suites/avocet/files/cutloom', $body + ['copy' => $copy['sha256']])->assertOk();
    $avocet->round();
    expect($avocet->files['cutloom'])->toBe($byHand);
    $this->as('keeper')
        ->postJson('/api/suites/avocet/files/cutloom', $body + ['copy' => str_repeat('a', 64)])
        ->assertStatus(404);
});

test('a suite follows nothing any more when somebody says so, and what is there stays', function () {
    $standard = $this->houseStandard();
    $avocet = $this->workstation('avocet')->round();
    $this->rollOut($standard['release'], ['avocet']);
    $there = $avocet->round()->files;
    $this->as('keeper')->deleteJson('/api/suites/avocet/following')->assertOk()->assertJsonPath('follows', null);
    expect($avocet->round()->files)->toBe($there);
});

test('an editor brings no release to a suite and decides nothing there; the assistant proposes', function () {
    $standard = changedByHand($this);
    $sha256 = hash('sha256', $this->workstation('avocet')->files['cutloom']);
    foreach (['picture', 'assistant'] as $account) {
        $this->as($account);
        $this->putJson('/api/suites/avocet/following', ['preset' => $standard['preset']])->assertStatus(403);
        $this->postJson('/api/suites/avocet/files/cutloom', ['way' => 'overwrite', 'sha256' => $sha256])->assertStatus(403);
        $this->patchJson('/api/suites/avocet', ['board' => 'full-iso', 'layout' => 'german'])->assertStatus(403);
    }
    $problems = $this->as('assistant')
        ->postJson('/api/dry-runs', ['release' => $standard['release'], 'suites' => ['dunlin']])
        ->assertOk()
        ->json('problems');
    $rollout = $this->postJson('/api/rollouts', [
        'release' => $standard['release'],
        'suites' => ['dunlin'],
        'accept' => array_column($problems, 'id'),
        'reason' => 'Dunlin asks for it',
    ])
        ->assertCreated()
        ->assertJsonPath('state', 'proposed')
        ->json('id');
    $this->postJson("/api/rollouts/{$rollout}/go-on")->assertStatus(403);
    expect($this->suite('dunlin')['follows'])->toBeNull();
    $this->as('keeper')
        ->postJson("/api/rollouts/{$rollout}/go-on")
        ->assertOk()
        ->assertJsonPath('state', 'running');
    $this->workstation('dunlin')->round();
    expect($this->standing('dunlin'))->toBe('in-step');
});

test('a fault stops a release before it reaches a suite, unless it is accepted by name', function () {
    $this->as('keeper')->keymap('cutloom', 'split-at-playhead', 'KeyD', 'timeline', 'Faulty');
    $draft = $this->getJson('/api/release-drafts')->json('problems');
    $preset = $this->postJson('/api/presets', ['name' => 'Faulty', 'note' => 'x'])
        ->assertStatus(422)
        ->json('problems');
    expect(array_column($draft, 'kind'))->toContain('fault')->and($preset)->toEqual($draft);
    $this->postJson('/api/presets', ['name' => 'Faulty', 'note' => 'x', 'accept' => array_column($draft, 'id')])->assertStatus(422);
    $release = $this->postJson('/api/presets', [
        'name' => 'Faulty',
        'note' => 'x',
        'accept' => array_column($draft, 'id'),
        'reason' => 'J is not used there',
    ])
        ->assertCreated()
        ->assertJsonPath('reason', 'J is not used there');
    expect(array_column($release->json('accepted'), 'id'))->toEqual(array_column($draft, 'id'));
});

test('a rehearsed press reaches the agent as the keys of its system, and its first answer comes back', function () {
    $dunlin = $this->workstation('dunlin');
    $dunlin->round();
    $id = $this->as('picture')
        ->postJson('/api/suites/dunlin/rehearsals', ['application' => 'cutloom'])
        ->assertCreated()
        ->json('id');
    $this->postJson("/api/rehearsals/{$id}/presses?system=macos", ['chord' => 'Meta+KeyT', 'focus' => 'timeline'])
        ->assertStatus(202)
        ->assertJsonPath('presses.0.state', 'waiting');
    $told = $dunlin->assignment();
    expect($told['poll_after_ms'])->toBe(150);
    $press = $told['presses'][0];
    expect($press)->toMatchArray(['code' => 'KeyT', 'held' => ['Control'], 'focus' => 'timeline']);
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
    $dunlin->ask('POST', "presses/{$press['id']}", ['done' => true, 'answer' => $answer])->assertNoContent();
    $dunlin->ask('POST', "presses/{$press['id']}", ['done' => false, 'answer' => ['error' => 'too late']])->assertNoContent();
    expect($dunlin->assignment()['presses'])->toBe([]);
    $this->workstation('avocet')
        ->ask('POST', "presses/{$press['id']}", ['done' => true, 'answer' => []])
        ->assertStatus(404);
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
    expect($this->workstation('curlew')->assignment()['presses'][0])->toMatchArray([
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

test('menu titles are given to every suite beside its applications', function () {
    $this->as('keeper')
        ->postJson('/api/applications/desktop/keymaps', [
            'name' => 'Titles',
            'title' => 'Titles',
            'change' => [
                'removed' => [],
                'added' => [['chord' => 'Primary+Alt+KeyR', 'command' => 'cutloom/Relink media', 'context' => 'cutloom']],
            ],
        ])
        ->assertCreated();
    $dunlin = $this->workstation('dunlin')->round();
    $this->rollOut($this->release('Titles only'), ['dunlin'])->assertCreated();
    expect(json_decode($dunlin->round()->files['desktop'], true))->toBe(['titles' => ['cutloom' => ['Primary Alt R' => 'Relink media']]]);
});

test('what cannot be pressed at the keyboard of a suite comes there with another chord, and is told before', function () {
    $this->as('keeper')->keymap('cutloom', 'split-at-playhead', 'Numpad5', 'timeline', 'With a pad');
    $release = $this->release('With a pad');
    $row = $this->postJson('/api/dry-runs', ['release' => $release, 'suites' => ['curlew']])
        ->assertOk()
        ->json('suites.0.applications.2');
    expect($row['application']['id'])->toBe('cutloom')->and(implode(' ', $row['replaced']))->toContain('Split at playhead');
    $curlew = $this->workstation('curlew')->round();
    $this->rollOut($release, ['curlew']);
    expect($curlew->round()->files['cutloom'])
        ->not->toContain('keys="Pad5" run="split-at-playhead"')
        ->toContain('run="split-at-playhead"');
});

test('another keyboard in a suite brings what is due to that one', function () {
    $this->as('keeper')->keymap('cutloom', 'split-at-playhead', 'Numpad5', 'timeline', 'With a pad');
    $avocet = $this->workstation('avocet')->round();
    $this->rollOut($this->release('With a pad'), ['avocet']);
    expect($avocet->round()->files['cutloom'])->toContain('keys="Pad5" run="split-at-playhead"');
    $this->as('keeper')
        ->patchJson('/api/suites/avocet', ['board' => 'compact-iso', 'layout' => 'british'])
        ->assertOk();
    expect($avocet->round()->files['cutloom'])->not->toContain('keys="Pad5" run="split-at-playhead"');
});

test('a suite that is away gets its files on a stick, and its report comes back on it', function () {
    $standard = $this->houseStandard();
    $dunlin = $this->workstation('dunlin');
    $dunlin->round();
    $this->rollOut($standard['release'], ['dunlin']);
    $bundle = json_decode((string) $this->as('keeper')->get('/api/suites/dunlin/bundle')->assertOk()->getContent(), true);
    $assignment = json_decode($bundle['assignment'], true);
    $key = Zebrafinch\Core\Preset\HouseKey::class;
    expect($key::hasSigned($bundle['signature'], $bundle['assignment'], $bundle['public_key']))
        ->toBeTrue()
        ->and(hash('sha256', (string) base64_decode($bundle['files'][$assignment['install'][0]['sha256']])))
        ->toBe($assignment['install'][0]['sha256']);
    $sha256 = $assignment['install'][0]['sha256'];
    $report = json_encode([
        'sequence' => 900,
        'at' => now()->getTimestamp(),
        'version' => '1.0',
        'number' => $assignment['number'],
        'files' => [['application' => 'cutloom', 'sha256' => $sha256, 'installed' => $sha256]],
        'running' => [],
        'copies' => [],
    ]);
    $file = static fn (string $token): array => [
        'file' => Illuminate\Http\UploadedFile::fake()->createWithContent(
            'dunlin.report',
            (string) json_encode([
                'format' => 'zebrafinch-report/1',
                'report' => $report,
                'code' => hash_hmac('sha256', (string) $report, hash('sha256', $token)),
                'files' => [],
            ]),
        ),
    ];
    $this->post('/api/suites/dunlin/stick-reports', $file('guessed'), ['Accept' => 'application/json'])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'broken-archive');
    $this->post('/api/suites/dunlin/stick-reports', $file(Database\Seeders\DemoWorld::TOKENS['dunlin']), [
        'Accept' => 'application/json',
    ])->assertOk();
    expect($this->standing('dunlin'))->toBe('in-step');
});

test('the story of a suite tells who did what and why, a page at a time', function () {
    $suite = Suite::query()->where('slug', 'avocet')->firstOrFail();
    foreach (range(1, 40) as $number) {
        $suite->events()->create(['kind' => 'note', 'what' => "Event {$number}", 'at' => now()]);
    }
    $first = $this->as('assistant')->getJson('/api/suites/avocet')->assertJsonPath('has_more', true)->json('story');
    expect($first)->toHaveCount(30)->and($first[0]['what'])->toBe('Event 40');
    $rest = $this->getJson('/api/suites/avocet?before='.$first[29]['id'])
        ->assertJsonPath('has_more', false)
        ->json('story');
    expect(array_column($rest, 'what'))->toBe(array_map(static fn (int $number): string => "Event {$number}", range(10, 1)));
});
