<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Library\Library;
use App\Models\Keymap;
use App\Models\Kit;
use App\Models\ReleaseFile;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;

/** Makes keymaps: from the factory one, from another, from a release, or from a key file that was brought in. */
final readonly class KeymapStarter
{
    public function __construct(
        private Library $library,
        private KeymapEditor $editor,
        private KeymapStore $store,
    ) {
    }

    /**
     * A named copy of the factory keymap, and its first change, if there is one. The copy is in use from then on.
     *
     * @param  WriteTerms|null  $terms  for the change; null where nothing of it is in question
     *
     * @throws KeymapRefused
     */
    public function fromFactory(
        User $user,
        Application $application,
        string $name,
        ?string $title = null,
        ?Change $change = null,
        ?WriteTerms $terms = null,
    ): Keymap {
        return DB::transaction(function () use ($user, $application, $name, $title, $change, $terms): Keymap {
            $bytes = $this->library->factoryBytes($application);
            $keymap = $this->start($user, $application, $name, $bytes, $this->library->factoryBindings($application));
            $this->use($keymap);

            return $change === null
                ? $keymap
                : $this->editor->change($keymap, $user, $title ?? 'First change', $change, $terms ?? WriteTerms::whatever(1));
        });
    }

    /**
     * @param  string  $bytes  a key file in the dialect of the application
     *
     * @throws KeymapRefused
     */
    public function fromKeyFile(User $user, Application $application, string $name, string $bytes): Keymap
    {
        return DB::transaction(function () use ($user, $application, $name, $bytes): Keymap {
            $bindings = $this->library->dialect($application)->read($bytes, $application)->bindings();
            $keymap = $this->start($user, $application, $name, $bytes, $bindings);
            $this->use($keymap);

            return $keymap;
        });
    }

    /**
     * What one of the files of a release says; it is not in use until somebody says so.
     *
     * @throws KeymapRefused
     */
    public function fromRelease(User $user, Application $application, string $name, ReleaseFile $file): Keymap
    {
        $bindings = $this->library->dialect($application)->read($file->bytes, $application)->bindings();

        return DB::transaction(fn (): Keymap => $this->start($user, $application, $name, $file->bytes, $bindings));
    }

    /**
     * A keymap that begins where another is now, with no history of its own; it is not in use until somebody says so.
     *
     * @throws KeymapRefused
     */
    public function copyOf(User $user, Application $application, string $name, Keymap $keymap): Keymap
    {
        return DB::transaction(fn (): Keymap => $this->start($user, $application, $name, $keymap->source, $keymap->bindings));
    }

    public function use(Keymap $keymap): void
    {
        DB::transaction(function () use ($keymap): void {
            Kit::lock($keymap->kit_id);
            Keymap::query()
                ->where('kit_id', $keymap->kit_id)
                ->where('application', $keymap->application)
                ->where('in_use', true)
                ->update(['in_use' => false]);
            $this->store->update($keymap->refresh(), ['in_use' => true]);
        });
    }

    public function useFactory(User $user, Application $application): void
    {
        $user->kit
            ->keymaps()
            ->where('application', $application->id)
            ->where('in_use', true)
            ->update(['in_use' => false]);
    }

    /**
     * A keymap that follows the one in use, with some of its own. A variant of the factory keymap has nothing to follow, since that
     * one never changes. It is for elsewhere, so what is in use here stays in use.
     *
     * @throws KeymapRefused
     */
    public function variant(User $user, CurrentKeymap $current, string $name, Change $change): Keymap
    {
        return DB::transaction(function () use ($user, $current, $name, $change): Keymap {
            $application = $current->application;
            $parent = $current->own === null ? null : Keymap::query()->lockForUpdate()->findOrFail($current->own->id);
            $variant = $this->start(
                $user,
                $application,
                $name,
                $parent->source ?? $this->library->factoryBytes($application),
                $parent->bindings ?? $current->bindings,
                $parent,
            );
            $this->editor->change($variant, $user, 'For the road', $change, WriteTerms::whatever(1));
            $this->store->update($variant->refresh(), ['saved_bindings' => $variant->bindings, 'saved_at' => now()]);

            return $variant;
        });
    }

    /** A name that no keymap of theirs has yet: the wanted one, or with a number behind it. */
    public function freeName(User $user, Application $application, string $wanted): string
    {
        $taken = $user->kit->keymaps()->where('application', $application->id)->pluck('name')->all();
        for ($name = $wanted, $number = 2; in_array($name, $taken, true); $number++) {
            $name = "{$wanted} ({$number})";
        }

        return $name;
    }

    private function start(
        User $user,
        Application $application,
        string $name,
        string $bytes,
        Bindings $bindings,
        ?Keymap $parent = null,
    ): Keymap {
        Kit::lock($user->kit->id);
        if ($user->kit->keymaps()->where('application', $application->id)->where('name', $name)->exists()) {
            throw KeymapRefused::nameTaken($name, $application->name);
        }

        return $this->store->create($user->kit, [
            'application' => $application->id,
            'name' => $name,
            'in_use' => false,
            'version' => 1,
            'source' => $bytes,
            'base' => $bindings,
            'bindings' => $bindings,
            'parent_id' => $parent?->id,
            'saved_bindings' => $bindings,
            'saved_at' => now(),
        ]);
    }
}
