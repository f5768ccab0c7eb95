<?php

declare(strict_types=1);

namespace App\Preset;

use App\Keymap\KeymapStarter;
use App\Library\Library;
use App\Models\Follow;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Opens a whole release as what somebody works with: a new keymap for each application, and what is new there later can be taken in. */
final readonly class KitOpener
{
    public function __construct(private Library $library, private KeymapStarter $starter)
    {
    }

    /** @return list<Keymap> */
    public function open(User $user, Release $release): array
    {
        return DB::transaction(function () use ($user, $release): array {
            $opened = [];
            foreach ($release->files as $file) {
                $application = $this->library->application($file->application);
                $name = $this->starter->freeName($user, $application, $release->title());
                $keymap = $this->starter->fromRelease($user, $application, $name, $file);
                $this->starter->use($keymap);
                $opened[] = $keymap;
            }
            Follow::query()->updateOrCreate(
                ['kit_id' => $user->kit->id, 'preset_id' => $release->preset_id],
                ['release_id' => $release->id, 'is_asked' => $release->preset->kit_id !== $user->kit->id],
            );

            return $opened;
        });
    }
}
