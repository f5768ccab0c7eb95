<?php

declare(strict_types=1);

use App\Journal\JournalEntry;
use App\Journal\JournalProof;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Tests never end their transaction, at whose end entries are sealed. */
function sealed(): JournalProof
{
    DB::statement('set constraints all immediate');
    DB::statement('set constraints all deferred');

    return new JournalProof();
}

test('what is done is told with who, what, when and from where', function () {
    $this->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $this->as('keeper')->postJson('/api/suites/avocet/token')->assertOk();
    $entries = $this->getJson('/api/journal')->assertOk()->json('entries');
    $kinds = array_column($entries, 'kind');
    expect($kinds)->toContain('keymap-made', 'keymap-changed', 'suite-token');
    $changed = $entries[array_search('keymap-changed', $kinds, true)];
    expect($changed)->toMatchArray([
        'person' => 'picture editor',
        'address' => '127.0.0.1',
        'subject_kind' => 'keymap',
        'subject' => 'Mine (cutloom)',
    ]);
});

test('sign-ins and refusals are told, and never what was typed', function () {
    $this->postJson('/api/session', ['email' => 'picture@saltmarsh.example', 'password' => 'my real secret'])->assertStatus(422);
    $this->postJson('/api/session', ['email' => 'my real secret', 'password' => 'x'])->assertStatus(422);
    $this->postJson('/api/session', ['email' => 'picture@saltmarsh.example', 'password' => 'night-train'])->assertOk();
    $rows = JournalEntry::query()->orderByDesc('id')->limit(3)->get();
    expect($rows->pluck('kind')->all())->toBe(['signed-in', 'sign-in-refused', 'sign-in-refused']);
    expect((string) json_encode($rows))->not->toContain('my real secret')->not->toContain('picture@');
});

test('the database refuses every change of what was written', function (string $statement) {
    $this->as('keeper')
        ->patchJson('/api/house', ['name' => 'Reedbed', 'version' => 1])
        ->assertOk();
    sealed();
    DB::statement($statement);
})
    ->with([
        "update journal set kind = 'nothing'",
        'delete from journal',
        'truncate journal cascade',
        'delete from journal_seals',
        "update journal_seals set hash = ''",
    ])
    ->throws(QueryException::class, 'only ever added to');

test('an entry that was changed, taken out or put in behind the database shows', function (string $forgery, string $told) {
    $this->as('keeper');
    foreach (range(1, 4) as $version) {
        $this->patchJson('/api/house', ['name' => "Reedbed {$version}", 'version' => $version])->assertOk();
    }
    expect(sealed()->firstFault())->toBeNull();
    $second = (int) DB::scalar('select entry_id from journal_seals where position = 2');
    DB::statement('alter table journal disable trigger user');
    DB::statement('alter table journal_seals disable trigger user');
    DB::unprepared(str_replace(':second', (string) $second, $forgery));
    expect((new JournalProof())->firstFault())->toContain($told);
})->with([
    'changed' => ["update journal set kind = 'other' where id = :second", 'Seal 2'],
    'taken out' => ['delete from journal_seals where entry_id = :second; delete from journal where id = :second', 'Seal 3'],
    'put in' => ["insert into journal (kind, details) values ('forged', '{}')", 'has no seal'],
]);

test('seals can be worked out by anybody from what is told', function () {
    $this->as('keeper')
        ->patchJson('/api/house', ['name' => 'Reedbed', 'version' => 1])
        ->assertOk();
    sealed();
    $before = '';
    $rows = DB::select('select hash, journal_text(j) as text from journal_seals join journal j on j.id = entry_id order by position');
    foreach ($rows as $row) {
        expect(hash('sha256', "{$before}\n{$row->text}"))->toBe($row->hash);
        $before = $row->hash;
    }
    expect($before)->not->toBe('');
});

test('the journal is narrowed by person, suite, keymap, day and words, a page at a time', function () {
    $keymap = $this->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $this->as('keeper')->postJson('/api/suites/avocet/token')->assertOk();
    $of = fn (string $query): array => $this->getJson("/api/journal?{$query}")
        ->assertOk()
        ->json('entries');
    $picture = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    expect(array_unique(array_column($of("person={$picture->id}"), 'person')))->toBe(['picture editor']);
    expect(array_unique(array_column($of('suite=avocet'), 'subject_id')))->toBe(['avocet']);
    expect(array_unique(array_column($of("keymap={$keymap}"), 'subject_id')))->toBe([(string) $keymap]);
    expect($of('day='.now()->format('Y-m-d')))->not->toBe([])->and($of('day=2001-01-01'))->toBe([]);
    expect(array_column($of('words=avocet+token'), 'kind'))->toBe(['suite-token']);
    for ($number = 0; $number < 60; $number++) {
        JournalEntry::query()->create(['kind' => 'filler', 'details' => []]);
    }
    $first = $this->getJson('/api/journal?kind=filler')->json();
    expect($first['entries'])->toHaveCount(50);
    $second = $this->getJson("/api/journal?kind=filler&before={$first['before']}")->json();
    expect($second['entries'])->toHaveCount(10)->and($second['before'])->toBeNull();
});

test('the journal goes out as a table in which no cell is taken for a formula', function () {
    JournalEntry::query()->create([
        'kind' => 'keymap-made',
        'subject_kind' => 'keymap',
        'subject_id' => '1',
        'subject' => '=SUM(A1)',
        'details' => [],
    ]);
    $lines = explode("\r\n", $this->as('keeper')->get('/api/journal.csv?kind=keymap-made')->assertOk()->streamedContent());
    expect($lines[0])->toStartWith('number,at (UTC),person')->and($lines[1])->toContain("'=SUM(A1)");
});

test('entries that end at the same time are sealed one after the other', function () {
    $this->as('keeper');
    JournalEntry::query()->create(['kind' => 'one', 'details' => []]);
    JournalEntry::query()->create(['kind' => 'two', 'details' => []]);
    expect(sealed()->firstFault())->toBeNull();
    expect(DB::scalar('select count(*) = max(position) from journal_seals'))->toBeTrue();
});
