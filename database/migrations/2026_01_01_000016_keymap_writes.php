<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What each write of a keymap changed, so that every state of its past can be told: steps are rewritten when a followed keymap changes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('keymap_writes', function (Blueprint $table): void {
            $table->foreignId('keymap_id')->constrained()->cascadeOnDelete();
            $table->integer('version')->comment('of the keymap, after this write');
            $table->jsonb('change');
            $table->timestamp('created_at');
            $table->primary(['keymap_id', 'version']);
        });
        DB::statement(
            'insert into keymap_writes (keymap_id, version, change, created_at)
                select distinct on (keymap_id, version) keymap_id, version, change::jsonb, coalesce(created_at, now())
                from edits where not undone order by keymap_id, version, id desc',
        );
    }

    public function down(): void
    {
        Schema::drop('keymap_writes');
    }
};
