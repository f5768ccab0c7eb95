<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\Keymap;
use App\Models\Kit;
use Illuminate\Support\Facades\DB;

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
        $keymap->update($attributes);
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

    private function announce(Keymap $keymap): void
    {
        DB::afterCommit(static fn () => KitChanged::dispatch($keymap->kit_id));
    }
}
