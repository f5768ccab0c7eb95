<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\Overlay;

/** Makes keymaps: from the factory one, or from a key file that was brought in. */
final readonly class KeymapStarter
{
    public function __construct(private Library $library, private KeymapEditor $editor)
    {
    }

    /**
     * A named copy of the factory keymap, and its first change, if there is one. The copy is in use from then on.
     *
     * @throws NameTaken
     */
    public function fromFactory(User $user, Application $application, string $name, ?string $title = null, ?Change $change = null): Keymap
    {
        return $this->start(
            $user,
            $application,
            $name,
            $this->library->factoryBytes($application),
            $this->library->factoryBindings($application),
            $title,
            $change,
        );
    }

    /**
     * @param  string  $bytes  a key file in the dialect of the application
     *
     * @throws NameTaken
     */
    public function fromKeyFile(User $user, Application $application, string $name, string $bytes): Keymap
    {
        return $this->start(
            $user,
            $application,
            $name,
            $bytes,
            $this->library->dialect($application)->read($bytes, $application)->bindings(),
        );
    }

    public function use(Keymap $keymap): void
    {
        DB::transaction(function () use ($keymap): void {
            Keymap::query()
                ->where('kit_id', $keymap->kit_id)
                ->where('application', $keymap->application)
                ->where('in_use', true)
                ->update(['in_use' => false]);
            $keymap->refresh()->update(['in_use' => true]);
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
     * one never changes.
     *
     * @throws NameTaken
     */
    public function variant(User $user, CurrentKeymap $current, string $name, Change $change): Keymap
    {
        if ($current->own === null) {
            return $this->fromFactory($user, $current->application, $name, 'For the road', $change);
        }

        return DB::transaction(function () use ($user, $current, $name, $change): Keymap {
            $parent = Keymap::query()->lockForUpdate()->findOrFail($current->own->id);
            $this->requireFreeName($user, $current->application, $name);
            $bindings = $change->applyTo($parent->bindings);
            $variant = $user->kit->keymaps()->create([
                'application' => $parent->application,
                'name' => $name,
                'in_use' => false,
                'version' => 1,
                'source' => $parent->source,
                'bindings' => $bindings,
                'parent_id' => $parent->id,
                'overlay' => Overlay::between($parent->bindings, $bindings),
                'saved_bindings' => $bindings,
                'saved_at' => now(),
            ]);
            $this->use($variant);

            return $variant;
        });
    }

    /** @throws NameTaken */
    private function requireFreeName(User $user, Application $application, string $name): void
    {
        if ($user->kit->keymaps()->where('application', $application->id)->where('name', $name)->exists()) {
            throw NameTaken::by($name, $application->name);
        }
    }

    private function start(
        User $user,
        Application $application,
        string $name,
        string $bytes,
        Bindings $bindings,
        ?string $title = null,
        ?Change $change = null,
    ): Keymap {
        return DB::transaction(function () use ($user, $application, $name, $bytes, $bindings, $title, $change): Keymap {
            $this->requireFreeName($user, $application, $name);
            $keymap = $user->kit->keymaps()->create([
                'application' => $application->id,
                'name' => $name,
                'in_use' => false,
                'version' => 1,
                'source' => $bytes,
                'bindings' => $bindings,
                'saved_bindings' => $bindings,
                'saved_at' => now(),
            ]);
            $this->use($keymap);

            return $change === null ? $keymap : $this->editor->change($keymap, $user, 1, $title ?? 'First change', $change);
        });
    }
}
