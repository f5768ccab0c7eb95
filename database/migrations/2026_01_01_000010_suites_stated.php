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
        $this->presets();
        Schema::drop('orders');
        Schema::drop('suite_files');
        Schema::create('stored_files', function (Blueprint $table): void {
            $table->char('sha256', 64)->primary();
            $table->text('bytes')->comment('base64: a key file may be in any encoding');
            $table->timestamp('created_at')->useCurrent();
        });
        Schema::table('suites', function (Blueprint $table): void {
            $table->dropColumn('read_only');
            $table->foreignId('preset_id')->nullable()->comment('what it follows')->constrained();
            $table->foreignId('release_id')->nullable()->comment('the release of it that is due')->constrained();
            $table->boolean('is_pinned')->default(false)->comment('whether it stays at this release');
            $table->string('install_when')->default('now');
            $table->unsignedInteger('number')->default(0)->comment('goes up with every change of what is due');
            $table->jsonb('state')->default('{}');
            $table->jsonb('stops')->default('{}')->comment('what is due and has a fault, by application');
            $table->jsonb('labels')->default('[]')->comment('which release a file that was given is of, by its digest');
            $table->jsonb('accepted')->default('[]')->comment('problems of the release that are accepted here, by name');
            $table->jsonb('agent')->default('{}')->comment('what its agent last said of itself');
            $table->timestamp('second_agent_at')->nullable()->comment('when another agent last came with the same token');
        });
        Schema::create('presses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('suite_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('rehearsal_id')->constrained()->cascadeOnDelete();
            $table->jsonb('payload');
            $table->boolean('is_done')->nullable()->comment('null while the agent has not answered');
            $table->jsonb('answer')->nullable();
            $table->timestamps();
            $table->index(['suite_id', 'is_done']);
        });
        Schema::create('sittings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('suite_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->timestamp('started_at');
            $table->timestamp('until')->nullable()->comment('null: until they leave');
            $table->timestamp('ended_at')->nullable();
            $table->string('ended_by')->nullable();
            $table->timestamp('given_back_at')->nullable();
            $table->jsonb('accepted')->default('[]')->comment('faults that they have accepted by name');
            $table->jsonb('offered')->default('{}')->comment('what they changed by hand there, by application');
            $table->index(['suite_id', 'ended_at']);
            $table->index(['user_id', 'ended_at']);
        });
        DB::statement('create unique index sittings_one_at_a_time on sittings (suite_id) where ended_at is null');
        Schema::create('suite_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('suite_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('kind');
            $table->text('what');
            $table->text('why')->nullable();
            $table->timestamp('at');
            $table->index(['suite_id', 'id']);
        });
        $this->rollouts();
    }

    private function presets(): void
    {
        Schema::table('presets', function (Blueprint $table): void {
            $table->string('audience')->default('mine');
            $table->boolean('is_standard')->default(false)->comment('the house standard; one at most');
        });
        DB::statement('create unique index presets_one_standard on presets (is_standard) where is_standard');
        Schema::create('preset_user', function (Blueprint $table): void {
            $table->foreignId('preset_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->primary(['preset_id', 'user_id']);
        });
        Schema::table('releases', function (Blueprint $table): void {
            $table->jsonb('accepted')->default('[]')->comment('what was wrong when it was made, and accepted');
            $table->string('reason')->nullable()->comment('why it was made all the same');
            $table->jsonb('foreign')->nullable()->comment('what came with an archive and is not known here');
        });
        Schema::create('follows', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->foreignId('preset_id')->constrained()->cascadeOnDelete();
            $table->foreignId('release_id')->nullable()->comment('the last that was taken in; null for none')->constrained();
            $table->boolean('is_asked')->comment('whether somebody wants to be told of what is new there');
            $table->unique(['kit_id', 'preset_id']);
        });
    }

    private function rollouts(): void
    {
        Schema::create('rollouts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('release_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('state');
            $table->string('install_when')->comment('now, or when the application is closed');
            $table->timestamp('begins_at')->nullable();
            $table->foreignId('first_suite_id')->nullable()->constrained('suites')->nullOnDelete();
            $table->string('reason')->nullable();
            $table->jsonb('accepted')->default('[]');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        Schema::create('rollout_suites', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('rollout_id')->constrained()->cascadeOnDelete();
            $table->foreignId('suite_id')->constrained()->cascadeOnDelete();
            $table->string('step');
            $table->text('fault')->nullable();
            $table->jsonb('allowed')->default('{}')->comment('files that nobody gave and that may be replaced, by application');
            $table->jsonb('before')->nullable()->comment('what the suite followed before');
            $table->unique(['rollout_id', 'suite_id']);
            $table->index('suite_id');
        });
    }
};
