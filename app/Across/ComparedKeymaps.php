<?php

declare(strict_types=1);

namespace App\Across;

use App\Keymap\CurrentKeymap;
use App\Keymap\KitReader;
use App\Models\User;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;

/** The keymaps of somebody's kit that are looked at beside each other. */
final readonly class ComparedKeymaps
{
    public function __construct(private KitReader $kit)
    {
    }

    /**
     * @param  string  $applications  ids with commas between; all of them where none is known
     * @return non-empty-list<LoadedKeymap>
     */
    public function of(User $user, string $applications, Seat $seat): array
    {
        $all = $this->kit->all($user);
        $names = explode(',', $applications);
        $chosen = array_values(
            array_filter($all, static fn (CurrentKeymap $keymap): bool => in_array($keymap->application->id, $names, true)),
        );
        /** @var non-empty-list<LoadedKeymap> $loaded */
        $loaded = array_map(static fn (CurrentKeymap $keymap): LoadedKeymap => $keymap->at($seat), $chosen === [] ? $all : $chosen);

        return $loaded;
    }
}
