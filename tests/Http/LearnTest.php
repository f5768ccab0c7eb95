<?php

declare(strict_types=1);

use App\Keymap\KeymapEditor;
use App\Keymap\KeymapStarter;
use App\Keymap\KitReader;
use App\Keymap\WriteTerms;
use App\Learn\LearningCard;
use App\Learn\StoredDrill;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

const HERE = '?system=linux&board=full-ansi&layout=us';

function card(string $command, string $context = 'timeline', string $application = 'cutloom', string $gesture = 'tap'): array
{
    return ['application' => $application, 'command' => $command, 'context' => $context, 'gesture' => $gesture];
}

/** @param  array<string, string>  $cards  context by command of Cutloom */
function learn($test, array $cards, string $account = 'picture'): void
{
    $test
        ->as($account)
        ->postJson('/api/learn/cards'.HERE, [
            'cards' => array_map(
                static fn (string $command, string $context): array => card($command, $context),
                array_keys($cards),
                $cards,
            ),
        ])
        ->assertCreated();
}

function drill($test, array $of = ['of' => 'due'])
{
    return $test->postJson('/api/learn/drills'.HERE, $of);
}

function answer($test, string $drill, string $question, ?string $chord, string $gesture = 'tap')
{
    return $test->postJson("/api/learn/drills/{$drill}/answers".HERE, [
        'question' => $question,
        'chord' => $chord,
        'gesture' => $gesture,
    ]);
}

/** Chords of Cutloom's factory keymap. */
const RIGHT = ['undo' => 'Control+KeyZ', 'lift' => 'KeyD', 'play-or-stop' => 'Space', 'add-marker' => 'KeyH'];

test('five proposals at most, each with its seconds, and none that is a false friend where somebody works', function () {
    $learn = $this->as('picture')
        ->getJson('/api/learn'.HERE)
        ->assertOk();
    expect($learn->json('lessons'))
        ->toHaveCount(5)
        ->and($learn->json('next'))
        ->toBe('choose')
        ->and(min(array_column($learn->json('lessons'), 'seconds_a_week')))
        ->toBeGreaterThan(0);
    $applications = array_unique(array_column(array_column($this->getJson('/api/usage'.HERE)->json('uses'), 'application'), 'id'));
    $used = collect($this->getJson('/api/usage'.HERE)->json('uses'))->map(
        static fn (array $one): string => "{$one['application']['id']} {$one['command']['id']}",
    );
    foreach (
        $this->getJson('/api/false-friends?applications='.implode(',', $applications).'&'.substr(HERE, 1))->json('chords') as $chord
    ) {
        foreach ($chord['friends'] as $friend) {
            $expected = array_filter(
                $friend['expected'],
                static fn (array $one): bool => $used->contains("{$one['application']['id']} {$one['command']['id']}"),
            );
            foreach ($expected === [] ? [] : $learn->json('lessons') as $lesson) {
                foreach ($lesson['savings'] as $saving) {
                    $isIt =
                        $saving['application']['id'] === $friend['instead']['application']['id'] &&
                        $saving['command']['id'] === $friend['instead']['command']['id'] &&
                        $saving['binding']['chord']['id'] === $chord['chord']['id'];
                    expect($isIt)->toBeFalse();
                }
            }
        }
    }
});

test('without a log there is nothing to propose, and it is said what to do', function () {
    $this->as('assistant')
        ->getJson('/api/learn'.HERE)
        ->assertOk()
        ->assertJsonPath('next', 'bring-log')
        ->assertJsonPath('lessons', [])
        ->assertJsonPath('line', 'Nothing is being learned yet.');
    $this->getJson('/api/learn/savings'.HERE)
        ->assertOk()
        ->assertJsonPath('seconds_a_week', 0)
        ->assertJsonPath('assumptions.weeks', 0);
    $this->getJson('/api/learn/pictures'.HERE)
        ->assertOk()
        ->assertJsonPath('now', null);
});

test('savings go by the typist: a class of the paper, or a test of one\'s own, and are the sum of their parts', function () {
    $average = $this->as('picture')
        ->getJson('/api/learn/savings'.HERE)
        ->assertOk();
    expect($average->json('assumptions'))
        ->toMatchArray(['weeks' => 4, 'first_day' => '2026-03-02', 'last_day' => '2026-03-27', 'key_seconds' => 0.2])
        ->and(array_sum(array_column($average->json('by_application'), 'seconds_a_week')))
        ->toEqualWithDelta($average->json('seconds_a_week'), 0.5);
    $slow = $this->putJson('/api/learn/speed'.HERE, ['typing_class' => 'unfamiliar'])
        ->assertOk()
        ->json('seconds_a_week');
    expect($slow)->not->toBe($average->json('seconds_a_week'));
    $this->putJson('/api/learn/speed'.HERE, ['keystrokes' => 400, 'seconds' => 60])
        ->assertOk()
        ->assertJsonPath('assumptions.key_seconds', 0.15)
        ->assertJsonPath('assumptions.is_measured', true);
    $this->putJson('/api/learn/speed'.HERE, ['keystrokes' => 10, 'seconds' => 60])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'implausible-speed');
});

test('what has no chord cannot be learned, and none of the others is added with it', function () {
    $this->as('picture')
        ->postJson('/api/learn/cards'.HERE, ['cards' => [card('lift'), card('lift', 'bin')]])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'nothing-to-press');
    $this->postJson('/api/learn/cards'.HERE, ['cards' => [card('no-such-thing')]])->assertStatus(422);
    expect(LearningCard::query()->count())->toBe(0);
});

test('right presses move cards on, missed ones show who got the key, and both are due again at the right time', function () {
    Carbon::setTestNow('2026-03-30 10:00:00');
    learn($this, ['undo' => 'everywhere', 'lift' => 'timeline', 'play-or-stop' => 'everywhere']);
    $drill = drill($this)->assertCreated()->assertJsonPath('left', 3);
    $id = $drill->json('id');
    for ($state = $drill, $missed = false; ($question = $state->json('question')) !== null;) {
        $command = LearningCard::query()->findOrFail((int) $question['id'])->command;
        $isWrong = $command === 'lift' && ! $missed;
        $state = answer($this, $id, $question['id'], $isWrong ? 'KeyX' : RIGHT[$command])
            ->assertOk()
            ->assertJsonPath('last.is_right', ! $isWrong)
            ->assertJsonPath('last.command.id', $command);
        if ($isWrong) {
            $missed = true;
            $state->assertJsonPath('last.ladder.winner.command.id', 'add-cross-dissolve')->assertJsonPath('last.right.chord.id', 'KeyD');
        } else {
            expect($state->json('last.did'))->not->toBeNull();
        }
    }
    $state->assertJsonPath('missed.0.id', 'lift')->assertJsonPath('cards', 3)->assertJsonPath('answered', 4);
    $boxes = LearningCard::query()->pluck('box', 'command')->all();
    expect($boxes)->toBe(['undo' => 2, 'lift' => 1, 'play-or-stop' => 2]);

    drill($this)->assertStatus(409)->assertJsonPath('kind', 'nothing-to-ask');
    // Half a day before its day is over the missed card is due, and the others are not before two days.
    Carbon::setTestNow('2026-03-30 22:01:00');
    $this->getJson('/api/learn'.HERE)
        ->assertJsonPath('due', 1)
        ->assertJsonPath('next', 'practise');
    Carbon::setTestNow('2026-03-31 22:01:00');
    $this->getJson('/api/learn'.HERE)->assertJsonPath('due', 3);
});

test('an answer that comes twice, or to another question, changes nothing', function () {
    learn($this, ['undo' => 'everywhere', 'lift' => 'timeline']);
    $drill = drill($this)->json();
    answer($this, $drill['id'], $drill['question']['id'], null)->assertJsonPath('last.is_right', false)->assertJsonPath('answered', 1);
    answer($this, $drill['id'], $drill['question']['id'], null)->assertOk()->assertJsonPath('last', null)->assertJsonPath('answered', 1);
    answer($this, $drill['id'], 'nonsense', null)->assertOk()->assertJsonPath('answered', 1);
    expect(LearningCard::query()->findOrFail((int) $drill['question']['id'])->asked)->toBe(1);
});

test('a drill goes on where it was, is over after five minutes, and a new one ends it', function () {
    Carbon::setTestNow('2026-03-30 10:00:00');
    learn($this, ['undo' => 'everywhere', 'lift' => 'timeline']);
    $first = drill($this)->json();
    answer($this, $first['id'], $first['question']['id'], null);
    $this->getJson("/api/learn/drills/{$first['id']}".HERE)
        ->assertOk()
        ->assertJsonPath('answered', 1);
    Carbon::setTestNow('2026-03-30 10:05:00');
    $this->getJson("/api/learn/drills/{$first['id']}".HERE)
        ->assertJsonPath('question', null)
        ->assertJsonPath('seconds_left', 0);
    $second = drill($this, ['of' => 'ahead'])
        ->assertCreated()
        ->json('id');
    drill($this, ['of' => 'ahead'])->assertCreated();
    $this->getJson("/api/learn/drills/{$second}".HERE)->assertJsonPath('question', null);
    expect(StoredDrill::query()->whereNull('ended_at')->count())->toBe(1);
});

test('another chord that runs the same is right too, and a hold is not a tap where the application tells them apart', function () {
    $this->as('picture');
    $matches = collect($this->getJson('/api/applications/boardwick/keymap'.HERE)->json('bindings'));
    $hold = $matches->firstWhere('gesture', 'hold');
    $this->postJson('/api/learn/cards'.HERE, [
        'cards' => [card($hold['command']['id'], $hold['context']['id'], 'boardwick', 'hold')],
    ])->assertCreated();
    $drill = drill($this)->assertJsonPath('question.gesture', 'hold')->assertJsonPath('question.tells_hold', true)->json();
    answer($this, $drill['id'], $drill['question']['id'], $hold['chord']['id'], 'tap')->assertJsonPath('last.is_right', false);
    answer($this, $drill['id'], $drill['question']['id'], $hold['chord']['id'], 'hold')->assertJsonPath('last.is_right', true);
});

test('a card is asked by name, by what is wanted and by what becomes of the strip, in turn', function () {
    learn($this, ['split-at-playhead' => 'timeline']);
    $kinds = [];
    foreach ([0, 1, 2] as $asked) {
        LearningCard::query()->update(['asked' => $asked]);
        $question = drill($this, ['of' => 'ahead'])->json('question');
        $kinds[] = $question['kind'];
    }
    expect($kinds)
        ->toBe(['command', 'intent', 'picture'])
        ->and(count($question['picture']['after']['clips']))
        ->toBe(count($question['picture']['before']['clips']) + 1);
});

test('what is learned and done by mouse again is due at once, by the logs that follow', function () {
    Carbon::setTestNow('2026-03-30 10:00:00');
    learn($this, ['undo' => 'everywhere']);
    LearningCard::query()->update(['box' => null, 'learned_at' => now()]);
    $this->getJson('/api/learn'.HERE)
        ->assertJsonPath('learned', 1)
        ->assertJsonPath('due', 0);
    $csv = "day,application,command,key,mouse\n2026-04-06,cutloom,undo,1,20\n2026-04-13,cutloom,undo,1,20\n";
    $this->post('/api/usage', ['file' => UploadedFile::fake()->createWithContent('april.csv', $csv)], ['Accept' => 'application/json']);
    Carbon::setTestNow('2026-04-20 10:00:00');
    $this->getJson('/api/learn'.HERE)
        ->assertJsonPath('learned', 0)
        ->assertJsonPath('due', 1);
    $this->getJson('/api/learn/cards'.HERE)
        ->assertJsonPath('cards.0.is_forgotten', true)
        ->assertJsonPath('cards.0.box', 1);
});

test('what was saved is measured from the logs that follow', function () {
    Carbon::setTestNow('2026-03-30 10:00:00');
    $lesson = collect(
        $this->as('picture')
            ->getJson('/api/learn/savings'.HERE)
            ->json('savings'),
    )->firstWhere('kind', 'by-mouse');
    $command = $lesson['command']['id'];
    learn($this, [$command => $lesson['binding']['context']['id']]);
    $this->getJson('/api/learn'.HERE)->assertJsonPath('saved_seconds', 0);
    $csv = "day,application,command,key,mouse\n2026-03-30,cutloom,{$command},100,0\n";
    $this->post('/api/usage', ['file' => UploadedFile::fake()->createWithContent('april.csv', $csv)], ['Accept' => 'application/json']);
    $card = LearningCard::query()->firstOrFail();
    $saved = $this->getJson('/api/learn'.HERE)->json('saved_seconds');
    expect($saved)
        ->toEqualWithDelta(100 * $card->mouse_share * $card->seconds_each, 0.1)
        ->and($saved)
        ->toBeGreaterThan(10);
    expect(array_column($this->getJson('/api/learn/pictures'.HERE)->json('weeks'), 'monday'))->toHaveCount(5);
});

test('a chord that moved is told with the old one, drilled, and known when one says so', function () {
    $this->as('picture')->keymap('cutloom', 'lift', 'KeyT', 'timeline');
    $this->getJson('/api/learn/differences'.HERE)
        ->assertOk()
        ->assertJsonPath('moved.0.old.chord.id', 'KeyD')
        ->assertJsonPath('moved.0.now.chord.id', 'KeyT')
        ->assertJsonCount(1, 'moved');
    $this->getJson('/api/learn'.HERE)
        ->assertJsonPath('different', 1)
        ->assertJsonPath('next', 'relearn');
    $drill = drill($this, ['of' => 'different'])
        ->assertCreated()
        ->assertJsonPath('question.old_chord.id', 'KeyD')
        ->json();
    answer($this, $drill['id'], $drill['question']['id'], 'KeyD')->assertJsonPath('last.is_right', false);
    $this->postJson('/api/learn/differences/known'.HERE)
        ->assertOk()
        ->assertJsonPath('moved', []);
    drill($this, ['of' => 'different'])->assertStatus(409);
});

test('a chord that was moved on a followed keymap too is told as the hands knew it', function () {
    $user = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    $this->actingAs($user);
    $cutloom = app(Library::class)->application('cutloom');
    $parent = $this->keymap('cutloom', 'undo', 'Alt+KeyZ', 'everywhere');
    $current = app(KitReader::class)->of($user, $cutloom);
    $change = Change::none()->adding(new Binding(Chord::parse('F14'), 'redo', 'everywhere'));
    $variant = app(KeymapStarter::class)->variant($user, $current, 'For the road', $change);
    app(KeymapStarter::class)->use($variant);
    Keymap::query()->update(['created_at' => now()->subDays(40)]);
    $this->postJson('/api/learn/differences/known'.HERE)->assertOk();
    $this->travel(1)->minutes();
    foreach ([[$variant->id, 'KeyT'], [$parent, 'KeyG']] as [$id, $chord]) {
        $keymap = Keymap::query()->findOrFail($id);
        $lift = new Binding(Chord::parse('KeyD'), 'lift', 'timeline');
        $move = Change::none()->removing($lift)->adding($lift->at(Chord::parse($chord)));
        app(KeymapEditor::class)->change($keymap, $user, 'Move lift', $move, WriteTerms::whatever($keymap->version));
    }
    $this->getJson('/api/learn/differences'.HERE)
        ->assertOk()
        ->assertJsonCount(1, 'moved')
        ->assertJsonPath('moved.0.old.chord.id', 'KeyD')
        ->assertJsonPath('moved.0.now.chord.id', 'KeyT');
});

test('a card that was learned is learned anew when its chord moves, and forgets the old chord once it is a habit', function () {
    $keymap = $this->as('picture')->keymap('cutloom', 'undo', 'Alt+KeyZ', 'everywhere');
    learn($this, ['lift' => 'timeline']);
    LearningCard::query()->update(['box' => null, 'learned_at' => now()]);
    $this->postJson('/api/learn/differences/known'.HERE)->assertOk();
    $this->travel(1)->minutes();
    $this->rekey($keymap, 'cutloom', 'lift', 'KeyT', 'timeline');
    // The keymap is newer than what is known of it by a minute; its first day is over.
    Keymap::query()->update(['created_at' => now()->subDays(40)]);
    $drill = drill($this, ['of' => 'different'])
        ->assertCreated()
        ->assertJsonPath('question.old_chord.id', 'KeyD')
        ->json();
    $card = LearningCard::query()->where('command', 'lift')->firstOrFail();
    expect($card->box)->toBe(1)->and($card->learned_at)->toBeNull();
    $card->update(['box' => 5]);
    answer($this, $drill['id'], $drill['question']['id'], 'KeyT')->assertJsonPath('last.is_right', true);
    expect($card->refresh()->box)->toBeNull()->and($card->old_chord)->toBeNull();
});

test('what will be different in a suite is told before one sits there, drilled on its keyboard, and moves no card', function () {
    $this->as('picture')->keymap('cutloom', 'lift', 'KeyT', 'timeline');
    $there = '?system=macos&board=full-ansi&layout=us';
    $found = $this->getJson('/api/learn/suites/bittern'.$there)->assertOk();
    expect($found->json('count'))->toBeGreaterThan(0);
    $drill = drill($this, ['of' => 'suite', 'suite' => 'bittern'])
        ->assertCreated()
        ->assertJsonPath('seat.layout', 'german')
        ->json();
    answer($this, $drill['id'], $drill['question']['id'], null)->assertOk()->assertJsonPath('last.is_right', false);
    expect(LearningCard::query()->count())->toBe(0);
});

test('where all is the same there is nothing to drill', function () {
    $there = '?system=linux&board=full-iso&layout=swedish';
    $this->as('assistant')
        ->getJson('/api/learn/suites/dunlin'.$there)
        ->assertOk()
        ->assertJsonPath('count', 0);
    $this->postJson('/api/learn/drills'.$there, ['of' => 'suite', 'suite' => 'dunlin'])->assertStatus(409);
});

test('cards leave as a file and come back with their boxes, and what was asked later stays', function () {
    Carbon::setTestNow('2026-03-30 10:00:00');
    learn($this, ['undo' => 'everywhere', 'lift' => 'timeline']);
    $drill = drill($this)->json();
    $first = LearningCard::query()->findOrFail((int) $drill['question']['id']);
    answer($this, $drill['id'], $drill['question']['id'], RIGHT[$first->command]);
    $file = (string) $this->get('/api/learn/cards.json')->assertOk()->getContent();
    $schema = json_decode((string) file_get_contents(base_path('docs/learning.schema.json')));
    $checked = (new Opis\JsonSchema\Validator())->validate(json_decode($file), $schema);
    expect($checked->isValid())->toBeTrue();
    $take = fn (string $bytes) => $this->post(
        '/api/learn/card-files'.HERE,
        ['file' => UploadedFile::fake()->createWithContent('learning.json', $bytes)],
        ['Accept' => 'application/json'],
    );
    LearningCard::query()->delete();
    $take($file)->assertOk()->assertJsonCount(2, 'cards');
    expect(LearningCard::query()->where('command', $first->command)->value('box'))->toBe(2);
    expect(json_decode((string) $this->get('/api/learn/cards.json')->getContent(), true))->toBe(json_decode($file, true));
    LearningCard::query()->update(['box' => 4, 'seen_at' => now()->addDay()]);
    $take($file)->assertOk();
    expect(LearningCard::query()->pluck('box')->all())->toBe([4, 4]);
});

/** @param  array<string, mixed>  ...$cards  what of each is not as it should be */
function cardFile(array ...$cards): string
{
    $good = card('undo', 'everywhere') + ['box' => 1, 'added_at' => '2026-03-02T10:00:00+00:00', 'answers' => []];

    return (string) json_encode([
        'format' => 'zebrafinch-learning/1',
        'cards' => array_map(static fn (array $card): array => $card + $good, array_values($cards)),
    ]);
}

test('a file that is none, or has one bad card, is refused whole', function (string $bytes) {
    $this->as('picture')
        ->post(
            '/api/learn/card-files'.HERE,
            ['file' => UploadedFile::fake()->createWithContent('learning.json', $bytes)],
            ['Accept' => 'application/json'],
        )
        ->assertStatus(422)
        ->assertJsonPath('kind', 'bad-card-file');
    expect(LearningCard::query()->count())->toBe(0);
})->with([
    'no JSON' => ['{'],
    'another file' => ['{"format":"zebrafinch-preset/1"}'],
    'a box that is none' => [cardFile(['box' => 1], ['box' => 9])],
    'a moment that is none' => [cardFile(['added_at' => 'yesterday'])],
]);

test('sheets are drawings in true millimetres of what is being learned', function (string $sheet) {
    learn($this, ['lift' => 'timeline']);
    $svg = (string) $this->get("/api/learn/sheets/{$sheet}".HERE)
        ->assertOk()
        ->getContent();
    expect($svg)->toContain('mm"')->toContain('Lift');
})->with(['stickers', 'strip']);

test('the map of heat compares with the factory keymap and with the keymap before a step', function () {
    $this->as('picture')->keymap('cutloom', 'lift', 'KeyP', 'timeline');
    $pictures = $this->getJson('/api/learn/pictures'.HERE.'&application=cutloom&against=factory')->assertOk();
    $heat = static fn (string $side, string $key): float => collect($pictures->json("{$side}.keys"))->firstWhere('key', $key)['presses'] ??
        0;
    expect($heat('before', 'KeyD'))
        ->toBeGreaterThan(100)
        ->and($heat('now', 'KeyD'))
        ->toBeLessThan($heat('before', 'KeyD'))
        ->and($heat('now', 'KeyP'))
        ->toBeGreaterThan($heat('before', 'KeyP'));
    $step = collect($pictures->json('states'))->first(static fn (array $one): bool => str_starts_with($one['id'], 'step-'));
    $this->getJson('/api/learn/pictures'.HERE."&application=cutloom&against={$step['id']}")->assertJsonPath(
        'before.presses',
        $pictures->json('before.presses'),
    );
});

test('cards whose application is gone stay, and are not asked', function () {
    $id = $this->applicationInUse();
    $user = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    LearningCard::query()->create(['user_id' => $user->id, 'box' => 1, 'added_at' => now()] + card('glow', 'everywhere', 'gone-away'));
    $this->as('picture')
        ->getJson('/api/learn/cards'.HERE)
        ->assertOk()
        ->assertJsonPath('cards.0.chord', null);
    drill($this)->assertStatus(409);
    expect($id)->not->toBe('gone-away');
});
