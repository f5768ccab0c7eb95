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
        Schema::create('presets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
            $table->unique(['kit_id', 'name']);
        });
        Schema::create('releases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('preset_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('note');
            $table->foreignId('author_id')->constrained('users');
            $table->char('digest', 64);
            $table->jsonb('content');
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['preset_id', 'number']);
        });
        Schema::create('release_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('release_id')->constrained();
            $table->string('application');
            $table->string('file_name');
            $table->text('bytes');
            $table->char('sha256', 64);
            $table->unique(['release_id', 'application']);
        });
        $this->forbidChanges();
    }

    /** A release cannot change once it is written: not through the application, and not beside it. */
    private function forbidChanges(): void
    {
        DB::unprepared(
            <<<'SQL'
                create or replace function refuse_change_of_release() returns trigger language plpgsql as $$
                begin
                    raise exception 'A saved release cannot be changed or deleted.' using errcode = 'restrict_violation';
                end $$;
                create trigger releases_stay before update or delete on releases for each row execute function refuse_change_of_release();
                create trigger release_files_stay before update or delete on release_files
                    for each row execute function refuse_change_of_release();
            SQL
            ,
        );
    }
};
