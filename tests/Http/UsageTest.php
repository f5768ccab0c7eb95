<?php

declare(strict_types=1);

use App\Models\User;
use App\Usage\HouseSums;
use App\Usage\UsageLogs;
use Illuminate\Http\UploadedFile;

const USAGE_HEAD = "day,application,command,key,mouse\n";

/** The assistant has no log in the demo. */
function bringLog($test, string $rows, string $name = 'week.csv', string $account = 'assistant')
{
    return $test
        ->as($account)
        ->post(
            '/api/usage',
            ['file' => UploadedFile::fake()->createWithContent($name, USAGE_HEAD.$rows)],
            ['Accept' => 'application/json'],
        );
}

/** @return array{int, int} uses by key and by mouse of a command */
function told($test, string $command, string $account = 'assistant'): array
{
    $use = collect($test->as($account)->getJson('/api/usage')->assertOk()->json('uses'))->firstWhere('command.id', $command);

    return [$use['by_key'] ?? 0, $use['by_mouse'] ?? 0];
}

test('logs of several weeks add up, and one that is brought again takes the place of its own days only', function () {
    bringLog($this, "2026-03-02,cutloom,undo,5,1\n2026-03-03,cutloom,undo,5,0\n")->assertCreated();
    bringLog($this, "2026-03-09,cutloom,undo,7,0\n", 'next.csv')->assertCreated()->assertJsonCount(2, 'sources');
    expect(told($this, 'undo'))->toBe([17, 1]);
    // The second log has grown, and now tells of the third of March as well.
    bringLog($this, "2026-03-03,cutloom,undo,1,0\n2026-03-09,cutloom,undo,9,0\n", 'next.csv')->assertJsonCount(2, 'sources');
    expect(told($this, 'undo'))->toBe([15, 1]);
});

test('a source is forgotten by itself, and all of it leaves with its owner as the log that it came as', function () {
    bringLog($this, "2026-03-02,cutloom,undo,5,1\n");
    $sources = bringLog($this, "2026-03-09,cutloom,redo,7,0\n", 'next.csv')->json('sources');
    expect($this->get('/api/usage.csv')->assertOk()->streamedContent())->toBe(
        "day,application,command,key,mouse\r\n2026-03-02,cutloom,undo,5,1\r\n2026-03-09,cutloom,redo,7,0\r\n",
    );
    $this->deleteJson("/api/usage/{$sources[0]['id']}")
        ->assertOk()
        ->assertJsonPath('sources.0.name', 'week.csv');
    expect(told($this, 'redo'))
        ->toBe([0, 0])
        ->and(told($this, 'undo'))
        ->toBe([5, 1]);
});

test('commands and applications that nobody knows are told, and stay for when somebody does', function () {
    bringLog($this, "2026-03-02,cutloom,undo,5,1\n2026-03-02,cutloom,warp-drive,3,0\n2026-03-02,lanternfish,glow,2,2\n")
        ->assertJsonPath('unknown.0.command', 'glow')
        ->assertJsonPath('unknown.0.is_application_known', false)
        ->assertJsonPath('unknown.1.command', 'warp-drive')
        ->assertJsonPath('unknown.1.is_application_known', true)
        ->assertJsonPath('unknown.1.uses', 3)
        ->assertJsonCount(1, 'uses');
    expect($this->get('/api/usage.csv')->streamedContent())->toContain('lanternfish,glow,2,2');
});

/** The sound editor sits in Bittern and has said yes, or not; gives the id of the sitting. */
function sitInBittern($test, bool $tells): int
{
    return $test
        ->as('sound')
        ->putJson('/api/suites/bittern/sitting', ['until' => null, 'tells_usage' => $tells])
        ->assertOk()
        ->assertJsonPath('sittings.0.tells_usage', $tells)
        ->json('sittings.0.id');
}

function tellOf($test, int $sitting, array $rows, string $application = 'cutloom')
{
    return $test->asAgent('bittern')->putJson("/api/agent/usage/{$application}", ['sitting' => $sitting, 'rows' => $rows]);
}

const SPLIT = ['day' => '2026-03-02', 'command' => 'split-at-playhead', 'key' => 3, 'mouse' => 4];

test('an agent is asked for uses only while somebody sits there who has said yes', function () {
    $bittern = $this->workstation('bittern')->round();
    expect($bittern->assignment()['usage'])->toBeNull();
    $sitting = sitInBittern($this, false);
    expect($bittern->assignment()['usage'])->toBeNull();
    tellOf($this, $sitting, [SPLIT])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'nobody-tells');

    $this->as('sound')
        ->putJson("/api/sittings/{$sitting}/usage", ['tells_usage' => true])
        ->assertOk();
    expect($bittern->assignment()['usage'])
        ->toMatchArray(['sitting' => $sitting])
        ->and($bittern->assignment()['usage']['logs']['cutloom'])
        ->toBe(['day' => 'day', 'command' => 'command', 'key' => 'key', 'mouse' => 'mouse']);
    tellOf($this, $sitting, [SPLIT])->assertNoContent();

    $this->as('sound')
        ->putJson("/api/sittings/{$sitting}/usage", ['tells_usage' => false])
        ->assertOk();
    expect($bittern->assignment()['usage'])->toBeNull();
    tellOf($this, $sitting, [SPLIT])->assertStatus(409);
    $this->as('sound')->deleteJson('/api/suites/bittern/sitting')->assertOk();
    tellOf($this, $sitting, [SPLIT])->assertStatus(409);
});

test('what is told twice counts once, and belongs to who sat there', function () {
    $sitting = sitInBittern($this, true);
    $before = told($this, 'split-at-playhead', 'sound');
    tellOf($this, $sitting, [SPLIT])->assertNoContent();
    tellOf($this, $sitting, [['key' => 5] + SPLIT])->assertNoContent();
    expect(told($this, 'split-at-playhead', 'sound'))
        ->toBe([$before[0] + 5, $before[1] + 4])
        ->and(told($this, 'split-at-playhead', 'keeper'))
        ->toBe([0, 0]);
    $source = collect($this->as('sound')->getJson('/api/usage')->json('sources'))->firstWhere('is_sitting', true);
    expect($source['name'])->toBe('Bittern');
    $this->as('picture')
        ->deleteJson("/api/usage/{$source['id']}")
        ->assertForbidden();
    $this->as('sound')
        ->deleteJson("/api/usage/{$source['id']}")
        ->assertOk();
    expect(told($this, 'split-at-playhead', 'sound'))->toBe($before);
});

test('another suite\'s sitting, an application that is not there and rows that are none are not taken', function () {
    $sitting = sitInBittern($this, true);
    $this->asAgent('avocet')
        ->putJson('/api/agent/usage/cutloom', ['sitting' => $sitting, 'rows' => []])
        ->assertStatus(409);
    tellOf($this, $sitting, [SPLIT], 'easeframe')->assertNotFound();
    $before = told($this, 'split-at-playhead', 'sound');
    tellOf($this, $sitting, [
        SPLIT,
        ['day' => '2026-02-31'] + SPLIT,
        ['key' => -1] + SPLIT,
        ['key' => '7'] + SPLIT,
        ['command' => ['x']] + SPLIT,
        'row',
        [],
    ])->assertNoContent();
    expect(told($this, 'split-at-playhead', 'sound'))->toBe([$before[0] + 3, $before[1] + 4]);
});

test('the columns of a described application\'s log are asked for as they are called there', function () {
    $id = $this->applicationInUse();
    $brought = collect($this->as('keeper')->getJson('/api/house-applications')->json('applications'))->firstWhere('slug', $id);
    $columns = ['day' => 'When', 'command' => 'Action', 'hand' => ['column' => 'Via', 'key' => ['kbd'], 'mouse' => ['menu']]];
    $this->patchJson("/api/house-applications/{$brought['id']}", ['version' => $brought['version'], 'usage_log' => $columns])
        ->assertOk()
        ->assertJsonPath('usage_log.hand.column', 'Via');
    $bittern = collect($this->getJson('/api/suites')->json('suites'))->firstWhere('id', 'bittern');
    $this->patchJson('/api/suites/bittern', ['applications' => [...$bittern['applications'], $id]])->assertOk();
    $sitting = sitInBittern($this, true);
    expect($this->workstation('bittern')->assignment()['usage']['logs'][$id])
        ->toEqual($columns)
        ->and($sitting)
        ->toBeInt();
});

test('the house sees sums of five people or more, of weeks that are over, and no fewer', function () {
    $this->travelTo('2026-04-15 12:00:00');
    User::query()
        ->pluck('email')
        ->each(fn (string $email) => bringLog($this, "2026-03-02,cutloom,undo,1,1\n", 'a.csv', strtok($email, '@')));
    $sums = fn () => $this->as('keeper')->getJson('/api/house-usage')->assertOk();
    $undo = collect($sums()->json('uses'))->firstWhere('command.id', 'undo');
    expect($undo['people'])->toBe(HouseSums::FEWEST_PEOPLE);
    foreach ($sums()->json('uses') as $use) {
        expect($use['people'])->toBeGreaterThanOrEqual(HouseSums::FEWEST_PEOPLE);
    }
    $mine = User::query()->where('email', 'assistant@saltmarsh.example')->firstOrFail();
    app(UsageLogs::class)->forget($mine);
    expect(collect($sums()->json('uses'))->firstWhere('command.id', 'undo'))->toBeNull();
    // This week is not over.
    bringLog($this, "2026-04-14,cutloom,undo,1,1\n");
    expect(collect($sums()->json('uses'))->firstWhere('command.id', 'undo'))->toBeNull();
});

test('what is older than a year and a month is taken away at night', function () {
    bringLog($this, "2024-03-02,cutloom,undo,5,1\n".now()->subDays(3)->toDateString().",cutloom,redo,7,0\n");
    $this->artisan('house:tidy')->assertSuccessful();
    expect(told($this, 'undo'))
        ->toBe([0, 0])
        ->and(told($this, 'redo'))
        ->toBe([7, 0]);
});

test('a usage log is pointed at until it can be read, by anybody who sees the application, and nothing of it is stored', function () {
    $id = $this->as('keeper')->broughtApplication()->json('id');
    $known = $this->getJson("/api/house-applications/{$id}")->json('commands.0');
    $look = fn (array $columns) => $this->as('assistant')->post(
        "/api/house-applications/{$id}/usage-log-previews",
        [
            'file' => UploadedFile::fake()->createWithContent(
                'log.csv',
                "When,Did,Via,Typed\n2026-03-02,{$known['written']},kbd,secret\n".
                    "2026-03-03,warp,menu,more\n2026-03-03,{$known['id']},menu,x\n",
            ),
        ] + $columns,
        ['Accept' => 'application/json'],
    );
    $look([])
        ->assertOk()
        ->assertJsonPath('columns', ['When', 'Did', 'Via', 'Typed'])
        ->assertJsonPath('read', null);
    $look(['usage_log' => ['day' => 'When', 'command' => 'Did', 'hand' => ['column' => 'Via', 'key' => ['kbd'], 'mouse' => ['menu']]]])
        ->assertOk()
        ->assertJsonPath('read', ['days' => 2, 'by_key' => 1, 'by_mouse' => 2, 'known' => 1, 'unknown' => ['warp']]);
    $look(['usage_log' => ['day' => 'Did', 'command' => 'Did']])
        ->assertOk()
        ->assertJsonPath('read', null)
        ->assertJsonPath('problem', fn (string $problem): bool => str_contains($problem, 'is no day'));
    expect($this->getJson('/api/usage')->json('sources'))->toBe([]);
});
