<?php

declare(strict_types=1);

use App\Account\PersonalTables;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Tables that refer to somebody, or to what is somebody's, and hold nothing of a person; each with why. */
const NOT_PERSONAL = [
    'journal_seals' => 'digests of entries',
    'release_files' => 'the files of releases, which belong to the house',
    'rollout_suites' => 'how far a release has come in a suite',
    'suites' => 'rooms',
];

/** Columns that name a person, besides foreign keys. */
const NAMES_A_PERSON = ['user_id', 'kit_id', 'author_id', 'invited_by', 'tokenable_id', 'email'];

/** @return list<string> tables that name a person or refer to a table that does, however far, as the database itself has them */
function tablesThatReferToPeople(): array
{
    $names = DB::table('information_schema.columns')
        ->where('table_schema', 'public')
        ->whereIn('column_name', NAMES_A_PERSON)
        ->distinct()
        ->pluck('table_name')
        ->all();
    $found = array_fill_keys(['users', ...$names], true);
    $references = DB::select(
        "select distinct conrelid::regclass::text as at, confrelid::regclass::text as to from pg_constraint where contype = 'f'",
    );
    do {
        $before = count($found);
        foreach ($references as $reference) {
            // What suites and releases refer to is the house's.
            if (isset($found[$reference->to]) && ! in_array($reference->to, ['suites', 'releases', 'rollouts'], true)) {
                $found[$reference->at] = true;
            }
        }
    } while (count($found) > $before);

    return array_keys($found);
}

test('every table that refers to a person is in the registry, or is named as not personal', function () {
    $registered = array_map(static fn ($table): string => $table->name, PersonalTables::all());
    expect(array_values(array_diff(tablesThatReferToPeople(), $registered, array_keys(NOT_PERSONAL))))
        ->toBe([])
        ->and(array_values(array_intersect($registered, array_keys(NOT_PERSONAL))))
        ->toBe([])
        ->and(count($registered))
        ->toBe(count(array_unique($registered)));
});

test('the condition of each table and the moment from which its rows are stored are SQL that the database takes', function () {
    $user = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    foreach (PersonalTables::all() as $table) {
        $since = $table->since ?? 'now()';
        expect(PersonalTables::run($table, $user, "select count({$since}) from {$table->name}"))->toBeInt();
    }
});

test('a person who is removed leaves no row in the tables that are erased, and is a number in the others', function () {
    $this->as('sound')->keymap('faderloft', 'record', 'KeyT', 'everywhere');
    $user = User::query()->where('email', 'sound@saltmarsh.example')->firstOrFail();
    $this->postJson('/api/looks', ['application' => 'faderloft', 'context' => 'everywhere']);
    $this->deleteJson('/api/account', ['password' => 'night-train'])->assertNoContent();
    foreach (PersonalTables::all() as $table) {
        if ($table->isErased) {
            expect(PersonalTables::run($table, $user, "select count(*) from {$table->name}"))->toBe(0, $table->name);
        }
    }
    $row = json_encode(DB::table('users')->where('id', $user->id)->first(), JSON_THROW_ON_ERROR);
    expect($row)->not->toContain('sound');
});
