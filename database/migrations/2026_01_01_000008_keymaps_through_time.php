<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('keymaps', function (Blueprint $table): void {
            $table
                ->jsonb('base')
                ->nullable()
                ->comment('what its steps are made on: the key file, or the keymap that it follows, as led so far');
            $table->dropColumn('overlay');
        });
        Schema::table('edits', function (Blueprint $table): void {
            $table->string('kind')->default('own')->comment('own, or followed: what the keymap that it follows has changed');
            $table->jsonb('notice')->nullable()->comment('of a followed one: conflicts and doubles that came of it');
        });
        foreach (DB::table('keymaps')->orderBy('id')->get() as $keymap) {
            $this->findBase($keymap);
        }
        DB::statement('alter table keymaps alter column base set not null');
    }

    private function findBase(stdClass $keymap): void
    {
        $first = $this->bindings($keymap->bindings);
        $edits = DB::table('edits')->where('keymap_id', $keymap->id)->orderBy('id')->get();
        foreach ($edits->where('undone', false)->reverse() as $edit) {
            $first = $first->changedBy(Change::fromData(json_decode($edit->change, true))->inverse());
        }
        $parent = $keymap->parent_id === null ? null : DB::table('keymaps')->where('id', $keymap->parent_id)->value('bindings');
        $base = $parent === null ? $first : $this->bindings($parent);
        DB::table('keymaps')
            ->where('id', $keymap->id)
            ->update(['base' => json_encode($base->toData())]);
        $step = Change::between($base, $first);
        if (! $step->isEmpty()) {
            $this->beginWith(
                $keymap,
                $step,
                $edits->map(static fn (stdClass $edit): array => array_diff_key((array) $edit, ['id' => 0]))->all(),
            );
        }
    }

    /** @param  array<int, array<string, mixed>>  $edits */
    private function beginWith(stdClass $keymap, Change $step, array $edits): void
    {
        DB::table('edits')->where('keymap_id', $keymap->id)->delete();
        DB::table('edits')->insert([
            'keymap_id' => $keymap->id,
            'user_id' => DB::table('kits')->where('id', $keymap->kit_id)->value('user_id'),
            'title' => 'For the road',
            'change' => json_encode($step->toData()),
            'version' => 1,
            'undone' => false,
            'created_at' => $keymap->created_at,
            'updated_at' => $keymap->created_at,
        ]);
        foreach ($edits as $edit) {
            DB::table('edits')->insert($edit);
        }
    }

    private function bindings(string $json): Bindings
    {
        return Bindings::fromData(json_decode($json, true));
    }
};
