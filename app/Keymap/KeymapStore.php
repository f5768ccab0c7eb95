<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\Keymap;
use App\Models\Kit;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Change;

/** Stores keymaps, and with each write what follows from it: its entry in the journal, and {@see KitChanged} once the transaction holds. */
final readonly class KeymapStore
{
    private const NOTED = ['bindings' => 'keymap-changed', 'name' => 'keymap-renamed', 'in_use' => 'keymap-use'];

    public function __construct(private Journal $journal)
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function create(Kit $kit, array $attributes): Keymap
    {
        $keymap = $kit->keymaps()->create($attributes);
        $this->note('keymap-made', $keymap);
        $this->announce($keymap);

        return $keymap;
    }

    /** @param  array<string, mixed>  $attributes */
    public function update(Keymap $keymap, array $attributes): void
    {
        $before = $keymap->bindings;
        $keymap->update($attributes);
        if ($keymap->wasChanged('version')) {
            $this->writeDown($keymap, Change::between($before, $keymap->bindings));
        }
        foreach (self::NOTED as $attribute => $kind) {
            if ($keymap->wasChanged($attribute)) {
                $this->note($kind, $keymap, $attribute === 'in_use' ? ['in_use' => $keymap->in_use] : []);
            }
        }
        if ($keymap->wasChanged(['bindings', 'in_use'])) {
            $this->announce($keymap);
        }
    }

    public function delete(Keymap $keymap): void
    {
        $this->update($keymap, ['in_use' => false]);
        $keymap->delete();
        $this->note('keymap-deleted', $keymap);
    }

    public function restore(Keymap $keymap): void
    {
        $keymap->restore();
        $this->note('keymap-restored', $keymap);
    }

    /** @param  array<string, scalar>  $details */
    private function note(string $kind, Keymap $keymap, array $details = []): void
    {
        $this->journal->note($kind, Subject::keymap($keymap), [...$details, 'version' => $keymap->version]);
    }

    /** Each state of the past can be told by what was written since ({@see KeymapPast}). */
    private function writeDown(Keymap $keymap, Change $change): void
    {
        DB::table('keymap_writes')->insert([
            'keymap_id' => $keymap->id,
            'version' => $keymap->version,
            'change' => json_encode($change->toData(), JSON_THROW_ON_ERROR),
            'created_at' => now(),
        ]);
    }

    private function announce(Keymap $keymap): void
    {
        DB::afterCommit(static fn () => KitChanged::dispatch($keymap->kit_id));
    }
}
