<?php

declare(strict_types=1);

namespace App\Preset;

use App\Keymap\NameTaken;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Kit;
use App\Models\Preset;
use App\Models\Release;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Preset\Release as ReleaseContent;

/** Saves a kit as the next numbered release of a preset, with the key files that it will hand over. */
final readonly class ReleaseSaver
{
    public function __construct(private Library $library)
    {
    }

    /** @throws NameTaken */
    public function newPreset(User $user, string $name, string $note): Release
    {
        return DB::transaction(function () use ($user, $name, $note): Release {
            Kit::lock($user->kit->id);
            if ($user->kit->presets()->where('name', $name)->exists()) {
                throw NameTaken::by($name, $user->kit->name);
            }

            return $this->nextRelease($user, $user->kit->presets()->create(['name' => $name]), $note);
        });
    }

    /** @throws \Zebrafinch\Core\Preset\EmptyPreset */
    public function nextRelease(User $user, Preset $preset, string $note): Release
    {
        return DB::transaction(function () use ($user, $preset, $note): Release {
            $locked = Preset::query()->lockForUpdate()->with('kit')->findOrFail($preset->id);
            // Read once, so that what the digest says is what the files say.
            $keymaps = $locked->kit->keymaps()->where('in_use', true)->get();
            $content = ReleaseContent::of(
                $keymaps->mapWithKeys(static fn (Keymap $one): array => [$one->application => $one->bindings])->all(),
            );
            $release = $locked->releases()->create([
                'number' => 1 + (int) $locked->releases()->max('number'),
                'note' => $note,
                'author_id' => $user->id,
                'digest' => $content->digest(),
                'content' => $content->toData(),
            ]);
            $this->writeFiles($release, $keymaps);

            return $release->refresh();
        });
    }

    /** @param  Collection<int, Keymap>  $keymaps */
    private function writeFiles(Release $release, Collection $keymaps): void
    {
        foreach ($keymaps as $keymap) {
            $application = $this->library->application($keymap->application);
            $dialect = $this->library->dialect($application);
            $bytes = (new KeyFileWriter($dialect))->write($dialect->read($keymap->source, $application), $keymap->bindings);
            $release->files()->create([
                'application' => $application->id,
                'file_name' => $dialect->fileName(),
                'bytes' => $bytes,
                'sha256' => hash('sha256', $bytes),
            ]);
        }
    }
}
