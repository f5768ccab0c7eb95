<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Models\Keymap;
use App\Models\Kit;
use Illuminate\Support\Facades\DB;

/** Names, tags, deleting and restoring: everything about a keymap that is not its bindings. */
final readonly class KeymapShelf
{
    public function __construct(private Followers $followers, private KeymapStore $store)
    {
    }

    /**
     * @param  list<string>|null  $tags  null to leave them
     *
     * @throws KeymapRefused
     */
    public function label(Keymap $keymap, ?string $name, ?array $tags): void
    {
        DB::transaction(function () use ($keymap, $name, $tags): void {
            if ($name !== null && $name !== $keymap->name) {
                Kit::lock($keymap->kit_id);
                $this->requireFreeName($keymap, $name);
            }
            $this->store->update(
                $keymap,
                array_filter(
                    ['name' => $name, 'tags' => $tags === null ? null : array_values(array_unique($tags))],
                    static fn (mixed $one): bool => $one !== null,
                ),
            );
        });
    }

    /** Can be restored for {@see Keymap::DAYS_TO_RESTORE} days. Keymaps that followed it keep their bindings and follow nothing. */
    public function delete(Keymap $keymap): void
    {
        DB::transaction(function () use ($keymap): void {
            // Deleted ones too: they could not be led to what it becomes in the meantime.
            Keymap::withTrashed()->where('parent_id', $keymap->id)->update(['parent_id' => null]);
            $this->store->delete($keymap);
        });
    }

    /** @throws KeymapRefused when another has got its name since */
    public function restore(Keymap $keymap): void
    {
        DB::transaction(function () use ($keymap): void {
            Kit::lock($keymap->kit_id);
            $this->requireFreeName($keymap, $keymap->name);
            $this->store->restore($keymap);
            $this->followers->catchUp($keymap);
        });
    }

    /** @throws KeymapRefused */
    private function requireFreeName(Keymap $keymap, string $name): void
    {
        if (
            Keymap::query()
                ->where('kit_id', $keymap->kit_id)
                ->where('application', $keymap->application)
                ->where('name', $name)
                ->where('id', '!=', $keymap->id)
                ->exists()
        ) {
            throw KeymapRefused::nameTaken($name, ucfirst($keymap->application));
        }
    }
}
