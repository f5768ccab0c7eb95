<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Foreign keys that had no index: what hangs on a row is found, and the row can go, without reading a whole table. */
    private const BY_REFERENCE = [
        'edits' => [['keymap_id', 'id'], ['user_id']],
        'key_files' => [['kit_id']],
        'keymaps' => [['kit_id'], ['parent_id']],
        'releases' => [['author_id']],
        'rehearsals' => [['suite_id'], ['user_id']],
        'harmonisations' => [['kit_id']],
        'suites' => [['preset_id'], ['release_id']],
        'preset_user' => [['user_id']],
        'presses' => [['rehearsal_id'], ['suite_id', 'created_at']],
        'suite_events' => [['user_id']],
        'follows' => [['preset_id'], ['release_id']],
        'rollouts' => [['release_id'], ['user_id'], ['first_suite_id'], ['state', 'begins_at']],
        'house_applications' => [['user_id']],
        'drills' => [['suite_id']],
        'invitations' => [['invited_by']],
    ];

    public function up(): void
    {
        foreach (self::BY_REFERENCE as $table => $indexes) {
            Schema::table($table, function (Blueprint $blueprint) use ($indexes): void {
                array_map($blueprint->index(...), $indexes);
            });
        }
        // Asked of all suites each time that anybody looks: only those that are open are in it.
        DB::statement('create index sittings_open_until on sittings (until) where ended_at is null');
        // Few are in it, and only these are offered.
        DB::statement("create index sittings_offering on sittings (user_id) where offered not in ('{}', '[]')");
        // The list of presets tells which chords a release has fixed, without unpacking all that it holds.
        DB::statement("alter table releases add column fixed jsonb generated always as (content->'fixed') stored");
    }
};
