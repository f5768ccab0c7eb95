<?php

declare(strict_types=1);

use App\Models\Suite;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** How many queries a question takes, besides those of its session: now and then old ones are swept out. */
function queriesFor($test, string $path): int
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $test->getJson($path)->assertOk();
    $count = count(array_filter(DB::getQueryLog(), static fn (array $one): bool => ! str_contains($one['query'], '"sessions"')));
    DB::disableQueryLog();

    return $count;
}

dataset('lists', [
    'keymaps' => [
        '/api/keymaps',
        static function ($test, int $number): void {
            $test->postJson('/api/applications/cutloom/keymaps', ['name' => "Keymap {$number}"])->assertCreated();
        },
    ],
    'presets, each with a release' => [
        '/api/presets',
        static function ($test, int $number): void {
            $test->release("Preset {$number}");
        },
    ],
    'suites, each with somebody in it and a release' => [
        '/api/suites',
        static function ($test, int $number): void {
            $avocet = Suite::query()->where('slug', 'avocet')->firstOrFail();
            $suite = $avocet
                ->replicate()
                ->fill(['slug' => "suite-{$number}", 'name' => "Suite {$number}", 'token_hash' => "hash {$number}"]);
            $suite->save();
            $preset = User::query()
                ->where('email', 'picture@saltmarsh.example')
                ->firstOrFail()
                ->kit->presets()
                ->firstOrCreate(['name' => 'Keys']);
            $release =
                $preset->releases()->first() ??
                $preset
                    ->releases()
                    ->create([
                        'number' => 1,
                        'note' => 'x',
                        'author_id' => 1,
                        'digest' => str_repeat('a', 64),
                        'content' => ['keymaps' => []],
                    ]);
            $suite->update(['preset_id' => $preset->id, 'release_id' => $release->id]);
            $suite->sittings()->create(['user_id' => 1, 'started_at' => now(), 'accepted' => [], 'offered' => []]);
        },
    ],
    'intents' => [
        '/api/intents',
        static function ($test, int $number): void {
            $intent = ['name' => "Intent {$number}", 'group' => 'view', 'frequency' => 'often', 'synonyms' => ['ring up']];
            $test->postJson('/api/intents', $intent)->assertCreated();
        },
    ],
]);

test('a list that has four times as much in it takes no query more', function (string $path, Closure $add) {
    $this->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'First'])
        ->assertCreated();
    foreach ([1, 2] as $number) {
        $add($this, $number);
    }
    queriesFor($this, $path);
    $few = queriesFor($this, $path);
    foreach (range(3, 8) as $number) {
        $add($this, $number);
    }
    $many = queriesFor($this, $path);
    expect($many)->toBeLessThanOrEqual($few)->and($few)->toBeGreaterThan(0);
})->with('lists');
