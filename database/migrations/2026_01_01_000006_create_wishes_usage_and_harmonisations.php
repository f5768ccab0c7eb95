<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_intents', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('group');
            $table->jsonb('synonyms')->default('[]');
            $table->string('frequency');
            $table->timestamps();
            $table->unique(['kit_id', 'name']);
        });
        Schema::create('own_matches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->string('command');
            $table->string('intent')->comment('id of a shipped intent, or own- and the id of an own one');
            $table->text('difference')->nullable()->comment('set exactly when the command only comes near the intent');
            $table->timestamps();
            $table->unique(['kit_id', 'application', 'command']);
        });
        Schema::create('usage_logs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->integer('days');
            $table->jsonb('uses')->comment('uses by key and by mouse, a row for each command');
            $table->timestamps();
        });
        Schema::create('harmonisations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->string('state');
            $table->boolean('is_cancelled')->default(false);
            $table->jsonb('request');
            $table->jsonb('versions')->nullable()->comment('which keymaps it was worked out for, by application');
            $table->double('best')->nullable()->comment('cost of the best so far');
            $table->double('bound')->nullable();
            $table->jsonb('result')->nullable();
            $table->jsonb('changes')->nullable()->comment('by application');
            $table->text('instance')->nullable()->comment('JSON, compressed, in base64');
            $table->jsonb('answer')->nullable();
            $table->jsonb('applied')->nullable()->comment('the keymaps that it was written to');
            $table->timestamps();
        });
    }
};
