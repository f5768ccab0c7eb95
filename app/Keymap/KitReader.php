<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Closure;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keymap\FileOrder;

/** Answers what a person's keymaps are now. */
final readonly class KitReader
{
    public function __construct(private Library $library)
    {
    }

    /** @return list<CurrentKeymap> one for each application */
    public function all(User $user): array
    {
        return array_map($this->each($user), $this->library->applicationIds());
    }

    /**
     * @return Closure(string): CurrentKeymap of an application, for those who ask for several: all are fetched at once, each is made when
     *     it is asked for
     */
    public function each(User $user): Closure
    {
        $own = $user->kit->allInUse();
        $desktop = $this->desktop($own->get(DesktopCatalogue::ID));
        $made = [];

        return function (string $application) use ($own, $desktop, &$made): CurrentKeymap {
            return $made[$application] ??= $this->current($this->library->application($application), $own->get($application), $desktop);
        };
    }

    public function of(User $user, Application $application): CurrentKeymap
    {
        $desktop = $application->id === DesktopCatalogue::ID ? null : $this->desktop($user->kit->inUse(DesktopCatalogue::ID));

        return $this->current($application, $user->kit->inUse($application->id), $desktop);
    }

    /** A keymap as it would be in use, whether it is or not. */
    public function with(Keymap $keymap): CurrentKeymap
    {
        $application = $this->library->application($keymap->application);
        $desktop = $application->id === DesktopCatalogue::ID ? null : $this->desktop($keymap->kit->inUse(DesktopCatalogue::ID));

        return $this->current($application, $keymap, $desktop);
    }

    private function desktop(?Keymap $own): ?CurrentKeymap
    {
        return $own === null || $own->bindings->all() === []
            ? null
            : $this->current($this->library->application(DesktopCatalogue::ID), $own, null);
    }

    private function current(Application $application, ?Keymap $own, ?CurrentKeymap $desktop): CurrentKeymap
    {
        $bindings =
            $own === null
                ? $this->library->factoryBindings($application)
                : $own->bindings->inOrderOf(fn (): FileOrder => $this->library->fileOrder($application, $own->source));

        return new CurrentKeymap($application, $bindings, $own, $desktop);
    }
}
