<?php

declare(strict_types=1);

namespace App\Export;

use App\Keymap\CurrentKeymap;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\User;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Bindings;

/** Keymaps as they are taken away: one, all that somebody has in use, or those of a release. */
final readonly class Exporter
{
    public function __construct(private Library $library, private KitReader $kit)
    {
    }

    public function keymap(Keymap $keymap): Exported
    {
        return $this->written($this->library->application($keymap->application), $keymap->name, $keymap->bindings, $keymap->source);
    }

    public function inUse(User $user, Application $application): Exported
    {
        return $this->current($this->kit->of($user, $application));
    }

    /** @return non-empty-list<Exported> one for each application */
    public function kit(User $user): array
    {
        $all = array_map($this->current(...), $this->kit->all($user));
        assert($all !== []);

        return $all;
    }

    /** @return list<Exported> with the very bytes that the release hands over */
    public function release(Release $release): array
    {
        $exported = [];
        foreach ($release->files as $file) {
            $exported[] = new Exported(
                $this->library->application($file->application),
                $release->title(),
                Bindings::fromData($release->content['keymaps'][$file->application] ?? []),
                $file->file_name,
                $file->bytes,
            );
        }

        return $exported;
    }

    private function current(CurrentKeymap $keymap): Exported
    {
        $application = $keymap->application;

        return $keymap->own !== null
            ? $this->keymap($keymap->own)
            : new Exported(
                $application,
                $keymap->name(),
                $keymap->bindings,
                $this->library->dialect($application)->fileName(),
                $this->library->factoryBytes($application),
            );
    }

    private function written(Application $application, string $name, Bindings $bindings, string $source): Exported
    {
        $bytes = $this->library->keyFile($application, $bindings, $source);

        return new Exported($application, $name, $bindings, $this->library->dialect($application)->fileName(), $bytes);
    }
}
