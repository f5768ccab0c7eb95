<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Models\Keymap;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\Overlay;

/** Writes to a keymap: each write names the version it was made on, and one made on an older version is refused. */
final readonly class KeymapEditor
{
    /**
     * @param  bool  $onTop  whether to make the change on whatever the keymap is now, if nothing stands against it
     *
     * @throws StaleKeymap
     */
    public function change(Keymap $keymap, User $user, int $version, string $title, Change $change, bool $onTop = false): Keymap
    {
        return DB::transaction(function () use ($keymap, $user, $version, $title, $change, $onTop): Keymap {
            $locked = $this->lock($keymap);
            $conflicts = $change->conflictsWith($locked->bindings);
            if (($locked->version !== $version && ! $onTop) || $conflicts !== []) {
                throw StaleKeymap::at($locked, $version, $conflicts);
            }
            $locked->edits()->where('undone', true)->delete();
            $this->write($locked, $change);
            $locked
                ->edits()
                ->create([
                    'user_id' => $user->id,
                    'title' => $title,
                    'change' => $change,
                    'version' => $locked->version,
                    'undone' => false,
                ]);

            return $locked;
        });
    }

    /** @throws StaleKeymap|NothingToUndo */
    public function undo(Keymap $keymap, int $version): Keymap
    {
        return DB::transaction(function () use ($keymap, $version): Keymap {
            $locked = $this->lockAt($keymap, $version);
            $edit = $locked->lastDone() ?? throw NothingToUndo::undo();
            $this->write($locked, $edit->change->inverse());
            $edit->update(['undone' => true]);

            return $locked;
        });
    }

    /** @throws StaleKeymap|NothingToUndo */
    public function redo(Keymap $keymap, int $version): Keymap
    {
        return DB::transaction(function () use ($keymap, $version): Keymap {
            $locked = $this->lockAt($keymap, $version);
            $edit = $locked->firstUndone() ?? throw NothingToUndo::redo();
            $this->write($locked, $edit->change);
            $edit->update(['undone' => false]);

            return $locked;
        });
    }

    /**
     * The point that one can go back to.
     *
     * @throws StaleKeymap
     */
    public function save(Keymap $keymap, int $version): Keymap
    {
        return DB::transaction(function () use ($keymap, $version): Keymap {
            $locked = $this->lockAt($keymap, $version);
            $locked->update(['saved_bindings' => $locked->bindings, 'saved_at' => now()]);

            return $locked;
        });
    }

    private function write(Keymap $keymap, Change $change): void
    {
        $bindings = $change->applyTo($keymap->bindings);
        $parent = $keymap->parent_id === null ? null : Keymap::query()->findOrFail($keymap->parent_id);
        $keymap->update([
            'bindings' => $bindings,
            'overlay' => $parent === null ? null : Overlay::between($parent->bindings, $bindings),
            'version' => $keymap->version + 1,
        ]);
        $this->leadFollowers($keymap);
    }

    /** Keymaps that follow this one get its new bindings under their own differences. */
    private function leadFollowers(Keymap $keymap): void
    {
        foreach ($keymap->followers()->lockForUpdate()->get() as $follower) {
            $bindings = $follower->overlay?->over($keymap->bindings) ?? $keymap->bindings;
            $follower->update(['bindings' => $bindings, 'version' => $follower->version + 1]);
            $this->leadFollowers($follower);
        }
    }

    private function lockAt(Keymap $keymap, int $version): Keymap
    {
        $locked = $this->lock($keymap);
        if ($locked->version !== $version) {
            throw StaleKeymap::at($locked, $version, []);
        }

        return $locked;
    }

    private function lock(Keymap $keymap): Keymap
    {
        return Keymap::query()->lockForUpdate()->findOrFail($keymap->id);
    }
}
