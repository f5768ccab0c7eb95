<?php

declare(strict_types=1);

namespace App\Keymaps;

use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Change;

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
        return $this->start($user, $application, $name, $this->library->factoryBytes($application), $title, $change);
    }

    /**
     * @param  string  $bytes  a key file in the dialect of the application
     *
     * @throws NameTaken
     */
    public function fromKeyFile(User $user, Application $application, string $name, string $bytes): Keymap
    {
        return $this->start($user, $application, $name, $bytes, null, null);
    }

    public function use(Keymap $keymap): void
    {
        DB::transaction(function () use ($keymap): void {
            Keymap::query()->where('kit_id', $keymap->kit_id)->where('application', $keymap->application)->where('in_use', true)->update(['in_use' => false]);
            $keymap->refresh()->update(['in_use' => true]);
        });
    }

    public function useFactory(User $user, Application $application): void
    {
        $user->kit->keymaps()->where('application', $application->id)->where('in_use', true)->update(['in_use' => false]);
    }

    private function start(User $user, Application $application, string $name, string $bytes, ?string $title, ?Change $change): Keymap
    {
        return DB::transaction(function () use ($user, $application, $name, $bytes, $title, $change): Keymap {
            if ($user->kit->keymaps()->where('application', $application->id)->where('name', $name)->exists()) {
                throw NameTaken::by($name, $application->name);
            }
            $keymap = $user->kit->keymaps()->create([
                'application' => $application->id, 'name' => $name, 'in_use' => false, 'version' => 1, 'source' => $bytes,
                'bindings' => $this->library->dialect($application)->read($bytes, $application)->bindings(),
            ]);
            $this->use($keymap);

            return $change === null ? $keymap : $this->editor->change($keymap, $user, 1, $title ?? 'First change', $change);
        });
    }
}
