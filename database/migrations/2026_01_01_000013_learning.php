<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        $this->usageByDay();
        Schema::table('sittings', function (Blueprint $table): void {
            $table->boolean('tells_usage')->default(false)->comment('whether whoever sits there has said yes to their uses being counted');
        });
        Schema::create('learners', function (Blueprint $table): void {
            $table->foreignId('user_id')->primary()->constrained()->cascadeOnDelete();
            $table->float('key_seconds')->nullable()->comment('what one keystroke takes, by the typing test; null for a class');
            $table->string('typing_class')->default('average');
            $table->timestamp('known_until')->comment('what changed in their keymaps before is known');
        });
        Schema::create('cards', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('application');
            $table->string('command');
            $table->string('context');
            $table->string('gesture')->default('tap');
            $table->unsignedSmallInteger('box')->nullable()->comment('1 to 5; null once it is learned');
            $table->unsignedInteger('asked')->default(0);
            $table->unsignedInteger('missed')->default(0);
            $table->timestamp('added_at');
            $table->timestamp('seen_at')->nullable();
            $table->timestamp('learned_at')->nullable();
            $table->date('measured_from')->nullable()->comment('last day of the log when it was added; null without a log');
            $table->float('mouse_share')->nullable()->comment('from 0 to 1, before it was learned');
            $table->float('seconds_each')->nullable()->comment('what one use by key takes less than one by mouse');
            $table->string('old_chord')->nullable()->comment('what it was before it moved');
            $table->unique(['user_id', 'application', 'command', 'context', 'gesture']);
        });
        Schema::create('drills', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('suite_id')->nullable()->constrained()->cascadeOnDelete();
            $table->jsonb('questions')->comment('what its cards ask, by their id in it');
            $table->jsonb('state');
            $table->timestamp('started_at');
            $table->timestamp('ended_at')->nullable();
            $table->index(['user_id', 'started_at']);
        });
        Schema::create('card_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->timestamp('at');
            $table->string('press')->nullable()->comment('null for "I do not know"');
            $table->boolean('is_right');
            $table->unsignedSmallInteger('box_before')->nullable();
            $table->index(['card_id', 'at']);
        });
    }

    private function usageByDay(): void
    {
        Schema::create('usage_sources', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_id')->constrained()->cascadeOnDelete();
            $table->foreignId('sitting_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
            $table->unique('sitting_id');
            $table->index('kit_id');
        });
        Schema::create('usage_days', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('source_id')->constrained('usage_sources')->cascadeOnDelete();
            $table->date('day');
            $table->string('application');
            $table->string('command');
            $table->unsignedInteger('by_key');
            $table->unsignedInteger('by_mouse');
            $table->unique(['source_id', 'day', 'application', 'command']);
        });
        foreach (DB::table('usage_logs')->orderBy('id')->get() as $log) {
            $this->spread($log);
        }
        Schema::drop('usage_logs');
    }

    /** Logs were stored as sums over their days, which are not known any more: they are spread over as many days before they came. */
    private function spread(stdClass $log): void
    {
        $source = DB::table('usage_sources')->insertGetId([
            'kit_id' => $log->kit_id,
            'name' => $log->name,
            'created_at' => $log->created_at,
            'updated_at' => $log->updated_at,
        ]);
        $days = max(1, (int) $log->days);
        foreach (json_decode($log->uses, true, 8, JSON_THROW_ON_ERROR) as $use) {
            $rows = [];
            for ($index = 0; $index < $days; $index++) {
                $share = static fn (int $all): int => intdiv($all * ($index + 1), $days) - intdiv($all * $index, $days);
                $rows[] = [
                    'source_id' => $source,
                    'day' => Carbon::parse($log->created_at)->subDays($index)->toDateString(),
                    'application' => $use['application'],
                    'command' => $use['command'],
                    'by_key' => $share($use['key']),
                    'by_mouse' => $share($use['mouse']),
                ];
            }
            DB::table('usage_days')->insert(array_filter($rows, static fn (array $one): bool => $one['by_key'] + $one['by_mouse'] > 0));
        }
    }
};
