<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('keymaps', function (Blueprint $table): void {
            $table->jsonb('saved_bindings')->nullable()->comment('as they were at the last save');
            $table->timestamp('saved_at')->nullable();
            $table->jsonb('tags')->default('[]')->comment('situations it is meant for');
            $table->softDeletes();
            $table->dropUnique(['kit_id', 'application', 'name']);
        });
        DB::statement('update keymaps set saved_bindings = bindings, saved_at = updated_at');
        DB::statement('alter table keymaps alter column saved_bindings set not null');
        // A name is free again as soon as its keymap is deleted.
        DB::statement('create unique index keymaps_one_of_a_name on keymaps (kit_id, application, name) where deleted_at is null');
        Schema::create('meant_clashes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->string('clash')->comment('its identity, which changes with any of its bindings');
            $table->string('reason');
            $table->timestamps();
            $table->unique(['kit_id', 'application', 'clash']);
        });
    }
};
