<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;

/** One random change to what somebody's answers are made from. */
function changedAnyhow($test, int $cutloom, int $faderloft): void
{
    $letter = 'Key'.chr(65 + mt_rand(0, 25));
    match (mt_rand(0, 7)) {
        0 => $test->rekey($cutloom, 'cutloom', 'split-at-playhead', $letter, 'timeline'),
        1 => [$test->postJson("/api/keymaps/{$faderloft}/use"), $test->rekey($faderloft, 'faderloft', 'record', $letter, 'everywhere')],
        2 => $test->postJson("/api/keymaps/{$cutloom}/undo", [
            'version' => $test->getJson('/api/applications/cutloom/keymap')->json('version'),
        ]),
        3 => $test->postJson(mt_rand(0, 1) === 0 ? '/api/applications/faderloft/use-factory' : "/api/keymaps/{$faderloft}/use"),
        4 => $test->putJson('/api/applications/cutloom/matches', [
            'matches' => [['command' => 'lift', 'intent' => mt_rand(0, 1) === 0 ? 'rename' : 'undo', 'is_near' => mt_rand(0, 1) === 0]],
        ]),
        5 => $test->post('/api/usage', [
            'file' => UploadedFile::fake()->createWithContent(
                'log.csv',
                "day,application,command,key,mouse\n2026-10-0".mt_rand(1, 9).',cutloom,lift,'.mt_rand(1, 900).",3\n",
            ),
        ]),
        6 => $test->deleteJson('/api/usage'),
        7 => acceptedAnyhow($test),
    };
}

function acceptedAnyhow($test): void
{
    $found = $test->getJson('/api/applications/faderloft/clashes')->assertOk()->json();
    $clash = collect($found['clashes'])->pluck('id')->random();
    isset($found['accepted'][$clash])
        ? $test->deleteJson("/api/applications/faderloft/clashes/{$clash}/acceptance")->assertOk()
        : $test->putJson("/api/applications/faderloft/clashes/{$clash}/acceptance", ['reason' => 'So be it'])->assertOk();
}

test('over any changes an answer that was known before is the one that is worked out anew', function (int $seed) {
    mt_srand($seed);
    $this->as('picture');
    $cutloom = $this->keymap('cutloom', 'lift', 'KeyT', 'timeline');
    $faderloft = $this->keymap('faderloft', 'undo', 'KeyT', 'everywhere', 'Mix');
    $seats = ['system=linux&board=full-ansi&layout=us', 'system=windows&board=full-iso&layout=german'];
    $questions = [
        'stripes',
        'stripes?applications=cutloom,faderloft',
        'stripes?within=cutloom',
        'false-friends',
        'false-friends?from=cutloom&to=faderloft',
        'applications/faderloft/clashes',
        'applications/cutloom/clashes?parallels=1',
    ];
    foreach ($questions as $question) {
        $this->getJson("/api/{$question}")->assertOk();
    }
    for ($step = 0; $step < 8; $step++) {
        changedAnyhow($this, $cutloom, $faderloft);
        $question = $questions[mt_rand(0, count($questions) - 1)];
        $seat = $seats[mt_rand(0, 1)];
        [$told, $anew] = $this->toldTwice("/api/{$question}".(str_contains($question, '?') ? '&' : '?').$seat);
        expect($told)->toBe($anew);
    }
})->with([1, 2, 3, 4]);

test('an answer that one has is not sent again, and nobody gets another\'s', function (string $question) {
    $this->as('picture');
    $first = (string) $this->getJson("/api/{$question}")->assertOk()->headers->get('ETag');
    $this->getJson("/api/{$question}", ['If-None-Match' => $first])->assertStatus(304);
    $this->keymap('faderloft', 'undo', 'KeyT', 'everywhere', 'Mix');
    $changed = $this->getJson("/api/{$question}", ['If-None-Match' => $first])->assertOk();
    expect($changed->headers->get('ETag'))->not->toBe($first);
    $this->as('assistant')->getJson("/api/{$question}", ['If-None-Match' => $changed->headers->get('ETag')])->assertOk();
})->with(['stripes', 'false-friends', 'applications/faderloft/clashes']);
