<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('suites', function (Blueprint $table): void {
            $table->id();
            $table->string('slug')->unique();
            $table->string('name');
            $table->string('board');
            $table->string('layout');
            $table->string('system');
            $table->jsonb('applications');
            $table->char('token_hash', 64)->unique()->comment('SHA-256 of the token that its agent shows');
            $table->timestamp('last_seen_at')->nullable();
            $table->boolean('read_only')->default(false)->comment('as its agent last reported its folder');
            $table->jsonb('copies')->default('[]')->comment('what its agent keeps of files it has overwritten');
            $table->timestamps();
        });
        Schema::create('suite_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('suite_id')->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->foreignId('release_id')->nullable()->comment('the release that was last written there')->constrained();
            $table->char('installed_sha256', 64)->nullable()->comment('of the file as it was written');
            $table->char('reported_sha256', 64)->nullable()->comment('of the file as it is; null when there is none');
            $table->text('reported_bytes')->nullable();
            $table->timestamp('changed_at')->nullable();
            $table->unique(['suite_id', 'application']);
        });
        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('suite_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->uuid('rehearsal_id')->nullable()->index();
            $table->string('kind');
            $table->string('state')->index();
            $table->jsonb('payload');
            $table->jsonb('answer')->nullable();
            $table->timestamps();
        });
        Schema::create('rehearsals', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('suite_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->timestamps();
        });
    }
};
