<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Harmonise;

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Harmonised;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Tests\World;

/** The faults that a harmonised kit would bring at any of the seats. */
final class NewFaults
{
    /**
     * @param  non-empty-list<LoadedKeymap>  $keymaps
     * @param  non-empty-list<Seat>  $seats
     * @return list<string> sentences
     */
    public static function of(Harmonised $harmonised, array $keymaps, array $seats): array
    {
        $docket = BuiltInKinds::docket(World::reserved());
        $found = [];
        foreach ($keymaps as $keymap) {
            $change = $harmonised->changes()[$keymap->application->id] ?? Change::none();
            foreach ($change->isEmpty() ? [] : $seats as $seat) {
                $before = new LoadedKeymap($keymap->application, $keymap->bindings(), $seat);
                $after = new LoadedKeymap($keymap->application, $keymap->bindings()->changedBy($change), $seat);
                $old = self::faults($docket->of($before));
                foreach (self::faults($docket->of($after)) as $fault) {
                    if (! self::wasThere($fault, $old, $before)) {
                        $found[] = $fault->sentence();
                    }
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<string, Clash>  $clashes
     * @return array<string, Clash>
     */
    private static function faults(array $clashes): array
    {
        return array_filter($clashes, static fn (Clash $clash): bool => $clash->grade === Grade::Fault);
    }

    /**
     * Whether nothing of the fault is new, and its chord had a fault of the kind already, perhaps with more that took part.
     *
     * @param  array<string, Clash>  $old
     */
    private static function wasThere(Clash $fault, array $old, LoadedKeymap $before): bool
    {
        foreach ($fault->bindings as $binding) {
            if (! $before->bindings()->has($binding)) {
                return false;
            }
        }
        $presses = self::presses($fault, $before->seat);
        foreach ($old as $clash) {
            if ($clash->kind === $fault->kind && array_intersect(self::presses($clash, $before->seat), $presses) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function presses(Clash $clash, Seat $seat): array
    {
        return array_map(static fn (Binding $binding): string => $seat->press($binding->chord)->id, $clash->bindings);
    }
}
