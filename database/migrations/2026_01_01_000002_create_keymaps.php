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
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('role');
            $table->string('password');
            $table->timestamps();
        });
        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('keymaps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->string('name');
            $table->boolean('in_use')->default(false);
            $table->unsignedInteger('version')->default(1)->comment('goes up with every write; a write on an older one is refused');
            $table->text('source')->comment('the key file it started from, in the dialect of the application');
            $table->jsonb('bindings')->comment('as they are now: those of the source with all edits that are not undone');
            $table->foreignId('parent_id')->nullable()->comment('the keymap that this one follows')->constrained('keymaps')->nullOnDelete();
            $table->jsonb('overlay')->nullable()->comment('what it has otherwise than its parent; set exactly when it has one');
            $table->timestamps();
            $table->unique(['kit_id', 'application', 'name']);
        });
        DB::statement('create unique index keymaps_one_in_use on keymaps (kit_id, application) where in_use');
        Schema::create('edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keymap_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('title');
            $table->jsonb('change');
            $table->unsignedInteger('version')->comment('of the keymap after this edit');
            $table->boolean('undone')->default(false);
            $table->timestamps();
        });
        Schema::create('key_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->string('name');
            $table->text('bytes');
            $table->timestamps();
        });
    }
};
