<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

test('every foreign key is the beginning of an index, so that nothing that hangs on a row is looked for in a whole table', function () {
    $without = DB::select(
        <<<'SQL'
        select c.conrelid::regclass::text as of_table, a.attname as of_column
        from pg_constraint c
        join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
        where c.contype = 'f'
          and c.connamespace = 'public'::regnamespace
          and not exists (
            select 1 from pg_index i
            where i.indrelid = c.conrelid and i.indkey[0] = c.conkey[1] and (i.indpred is null or i.indisunique)
          )
        order by 1, 2
        SQL
        ,
    );
    expect(array_map(static fn (object $one): string => "{$one->of_table}.{$one->of_column}", $without))->toBe([]);
});

test('what was tried out is taken away after a month, and what came of it stays', function () {
    $keymap = $this->as('picture')->keymap('cutloom', 'lift', 'KeyT', 'timeline');
    $file = $this->bringIn('cutloom', (string) file_get_contents(base_path('catalogues/cutloom/factory.xml')))->json('id');
    $this->artisan('house:tidy')->assertSuccessful();
    $this->getJson("/api/key-files/{$file}")->assertOk();
    $this->travel(31)->days();
    $this->artisan('house:tidy')->assertSuccessful();
    $this->getJson("/api/key-files/{$file}")->assertNotFound();
    $this->getJson('/api/applications/cutloom/keymap')->assertOk()->assertJsonPath('id', $keymap)->assertJsonPath('undo', 'Another chord');
});

test('the list of presets reads of each release what it tells, and not what it holds', function () {
    $this->as('picture')->keymap('cutloom', 'lift', 'KeyT', 'timeline');
    $release = $this->release('Mine');
    DB::enableQueryLog();
    $this->getJson('/api/presets')->assertOk()->assertJsonPath('presets.0.releases.0.id', $release);
    $of = array_filter(DB::getQueryLog(), static fn (array $one): bool => str_contains($one['query'], 'from "releases"'));
    expect($of)->not->toBe([]);
    foreach ($of as $one) {
        expect($one['query'])->not->toContain('*')->not->toContain('content');
    }
});
