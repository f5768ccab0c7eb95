<?php

declare(strict_types=1);

use App\Models\Sitting;
use Illuminate\Support\Carbon;
use Tests\TestWorkstation;

/** The house standard in Bittern, where somebody has changed a key by hand; the sound editor brings keys of their own. */
function bitternBefore($test): array
{
    $standard = $test->houseStandard();
    $bittern = $test->workstation('bittern')->round();
    $test->rollOut($standard['release'], ['bittern'])->assertCreated();
    $bittern->round();
    $bittern->files['cutloom'] = str_replace(
        'keys="B" run="split-at-playhead"',
        'keys="T" run="split-at-playhead"',
        $bittern->files['cutloom'],
    );
    $bittern->report();
    $test->as('sound')->keymap('cutloom', 'split-at-playhead', 'KeyN', 'timeline', 'Freelance');

    return $bittern->files;
}

/** Whoever sits there gives splitting another key in the file itself; the agent tells of it at once, or not yet. */
function changeByHandThere(TestWorkstation $bittern, bool $isTold = true): void
{
    $file = $bittern->files['cutloom'];
    $bittern->files['cutloom'] = str_replace('keys="N" run="split-at-playhead"', 'keys="Y" run="split-at-playhead"', $file);
    if ($isTold) {
        $bittern->round();
    }
}

test('what one brings is told before: what works, what is replaced, what the house keeps', function () {
    bitternBefore($this);
    $this->as('sound')
        ->getJson('/api/suites/bittern/sitting')
        ->assertOk()
        ->assertJsonPath('taken_by', null)
        ->assertJsonPath('applications.0.keymap', 'Freelance')
        ->assertJsonPath('applications.1.keymap', null);
});

test('who sits down has their keys, and leaving puts back every byte, changes by hand included', function () {
    $before = bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')
        ->putJson('/api/suites/bittern/sitting', ['until' => null])
        ->assertOk()
        ->assertJsonPath('sittings.0.suite.id', 'bittern');
    $bittern->round();
    expect($bittern->files['cutloom'])->toContain('keys="N" run="split-at-playhead"')->and($this->standing('bittern'))->toBe('in-step');
    $this->as('sound')->deleteJson('/api/suites/bittern/sitting')->assertOk()->assertJsonPath('sittings', []);
    expect($this->suite('bittern')['is_giving_back'])->toBeTrue();
    $bittern->round();
    expect($bittern->files)
        ->toBe($before)
        ->and($this->suite('bittern')['is_giving_back'])
        ->toBeFalse()
        ->and($this->standing('bittern'))
        ->toBe('changed-by-hand')
        ->and(Sitting::query()->firstOrFail()->given_back_at)
        ->not->toBeNull();
});

test('a file that was not there is not there again', function () {
    $this->as('sound')->keymap('cutloom', 'split-at-playhead', 'KeyN', 'timeline');
    $bittern = $this->workstation('bittern')->round();
    $this->as('sound')
        ->putJson('/api/suites/bittern/sitting', ['until' => null])
        ->assertOk();
    expect($bittern->round()->files)->toHaveKey('cutloom');
    $this->as('sound')->deleteJson('/api/suites/bittern/sitting');
    expect($bittern->round()->files)->toBe([]);
});

test('what changes in the kit while one sits there comes along', function () {
    bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $bittern->round();
    $this->as('sound')->keymap('cutloom', 'split-at-playhead', 'KeyY', 'timeline', 'Another');
    expect($bittern->round()->files['cutloom'])->toContain('keys="Y" run="split-at-playhead"');
});

test('what one changes by hand while one sits there stays with one, and the suite is as it was', function () {
    $before = bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $bittern->round();
    changeByHandThere($bittern);
    expect($bittern->files['cutloom'])
        ->toContain('keys="Y" run="split-at-playhead"')
        ->and($this->standing('bittern'))
        ->toBe('changed-by-hand');
    $this->as('sound')->deleteJson('/api/suites/bittern/sitting');
    $bittern->round();
    expect($bittern->files)->toBe($before);
    $offer = $this->as('sound')->getJson('/api/sittings')->assertOk()->json('offers.0');
    expect($offer['application']['id'])->toBe('cutloom');
    $path = "/api/sittings/{$offer['sitting']}/offers/cutloom";
    $news = $this->getJson($path)->assertOk()->json('news');
    expect($news['change']['added'][0]['chord']['id'])->toBe('KeyY');
    $this->postJson($path, ['version' => $news['version']])
        ->assertOk()
        ->assertJsonPath('offers', []);
    $this->getJson('/api/applications/cutloom/remap?command=split-at-playhead&context=timeline')->assertJsonPath(
        'bindings.0.chord.id',
        'KeyY',
    );
    $this->as('picture')->getJson($path)->assertStatus(403);
});

test('what was changed by hand is offered once; taken while one sits there, one\'s keys take its place', function () {
    bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $bittern->round();
    changeByHandThere($bittern);
    $offer = $this->as('sound')->getJson('/api/sittings')->json('offers.0');
    $path = "/api/sittings/{$offer['sitting']}/offers/cutloom";
    $this->deleteJson($path)->assertOk()->assertJsonPath('offers', []);
    $bittern->focus = ['application' => 'cutloom', 'context' => 'bin'];
    $bittern->round();
    $this->as('sound')->getJson('/api/sittings')->assertJsonPath('offers', []);
    $bittern->files['cutloom'] = str_replace('keys="Y" run="split', 'keys="M" run="split', $bittern->files['cutloom']);
    $bittern->round();
    $version = $this->as('sound')->getJson($path)->assertOk()->json('news.version');
    $this->postJson($path, ['version' => $version])->assertOk();
    $bittern->round();
    expect($bittern->files['cutloom'])->toContain('keys="M" run="split')->and($this->standing('bittern'))->toBe('in-step');
});

test('a change by hand that is told of only after one has left comes back and is offered all the same', function () {
    $before = bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $bittern->round();
    changeByHandThere($bittern, false);
    $this->as('sound')->deleteJson('/api/suites/bittern/sitting');
    $bittern->round();
    expect($bittern->files)
        ->toBe($before)
        ->and($this->as('sound')->getJson('/api/sittings')->json('offers'))
        ->toHaveCount(1);
});

test('time that is up ends a sitting by the clock alone', function () {
    $before = bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')
        ->putJson('/api/suites/bittern/sitting', ['until' => now()->addHour()->toIso8601String()])
        ->assertOk();
    $bittern->round();
    Carbon::setTestNow(now()->addHours(2));
    $this->artisan('schedule:test', ['--name' => 'suites'])->assertSuccessful();
    $bittern->round()->round();
    expect($bittern->files)
        ->toBe($before)
        ->and(Sitting::query()->firstOrFail()->ended_by->value)
        ->toBe('time-up');
});

test('a second person takes over only when they say so, and what was found before the first comes back after the second', function () {
    $before = bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $bittern->round();
    $this->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyM', 'timeline');
    $this->putJson('/api/suites/bittern/sitting', ['until' => null])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'sitting-taken');
    $this->putJson('/api/suites/bittern/sitting', ['until' => null, 'take_over' => true])->assertOk();
    expect($bittern->round()->files['cutloom'])->toContain('keys="M" run="split-at-playhead"');
    $this->as('sound')->getJson('/api/sittings')->assertJsonPath('sittings', []);
    $this->as('picture')->deleteJson('/api/suites/bittern/sitting')->assertOk();
    expect($bittern->round()->files)->toBe($before);
});

test('the keeper frees a suite, others do not, and nobody leaves where nobody sits', function () {
    $before = bitternBefore($this);
    $bittern = $this->workstation('bittern');
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $bittern->round();
    $this->as('picture')->deleteJson('/api/suites/bittern/sitting')->assertStatus(403);
    $this->as('keeper')->deleteJson('/api/suites/bittern/sitting')->assertOk();
    expect($bittern->round()->files)->toBe($before);
    $this->deleteJson('/api/suites/bittern/sitting')->assertStatus(409)->assertJsonPath('kind', 'nobody-sits');
    $this->as('assistant')
        ->putJson('/api/suites/bittern/sitting', ['until' => null])
        ->assertStatus(403);
});

test('what the house has fixed holds for whoever sits there, and they are told what loses its chord', function () {
    $standard = $this->houseStandard('KeyB');
    $fixed = ['cutloom' => ['timeline KeyB tap split-at-playhead']];
    $this->as('keeper');
    $this->getJson("/api/release-drafts?preset={$standard['preset']}")->assertJsonPath('may_fix', true);
    $this->postJson("/api/presets/{$standard['preset']}/releases", ['note' => 'B is fixed', 'fixed' => $fixed])
        ->assertCreated()
        ->assertJsonPath('fixed', 1);
    $bittern = $this->workstation('bittern')->round();
    $this->as('sound')->keymap('cutloom', 'lift', 'KeyB', 'timeline');
    $this->getJson('/api/suites/bittern/sitting')
        ->assertOk()
        ->assertJsonPath('applications.0.lost_to_fixed.0', 'Lift loses B, which the house has fixed');
    $this->putJson('/api/suites/bittern/sitting', ['until' => null])->assertOk();
    expect($bittern->round()->files['cutloom'])
        ->toContain('keys="B" run="split-at-playhead"')
        ->not->toContain('keys="B" run="lift"');
});

test('a sitting begins at no hour that has passed', function () {
    $this->as('sound')
        ->putJson('/api/suites/bittern/sitting', ['until' => now()->subMinute()->toIso8601String()])
        ->assertStatus(422);
});

test('how often people sit in a suite, and how familiar it is to each, is told to everybody', function () {
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $this->deleteJson('/api/suites/bittern/sitting');
    $this->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $regulars = $this->as('assistant')->getJson('/api/suites/bittern')->assertOk()->json('regulars');
    expect($regulars)
        ->toHaveCount(1)
        ->and($regulars[0])
        ->toMatchArray(['person' => 'sound editor', 'times' => 2]);
    expect($regulars[0]['share'])->toBeGreaterThan(0);
});

test('the share that a suite\'s page tells of somebody is that of their own view, after every change of what it is made from', function () {
    $this->as('sound')->putJson('/api/suites/bittern/sitting', ['until' => null]);
    $this->deleteJson('/api/suites/bittern/sitting');
    $shares = [];
    $same = function () use (&$shares): void {
        $own = $this->as('sound')->getJson('/api/suites/bittern/familiarity')->assertOk()->json('share');
        $told = fn () => $this->as('assistant')->getJson('/api/suites/bittern')->json('regulars.0.share');
        // Asked twice: worked out, and known.
        expect([$told(), $told()])->toBe([$own, $own]);
        $shares[] = $own;
    };
    $same();
    $cutloom = $this->as('sound')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $same();
    $this->as('sound')
        ->putJson('/api/applications/cutloom/matches', ['matches' => [['command' => 'lift', 'intent' => 'rename', 'is_near' => false]]])
        ->assertOk();
    $this->as('sound')->rekey($cutloom, 'cutloom', 'lift', 'KeyJ', 'timeline');
    $same();
    $this->workstation('bittern')->round();
    $same();
    expect(count(array_unique($shares)))->toBeGreaterThan(1);
});
