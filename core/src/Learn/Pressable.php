<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;

/** What can be pressed for a command. */
final readonly class Pressable
{
    /** The quickest chord that runs a command with a focus, by a gesture or, for null, by any; null for none. */
    public static function quickest(LoadedKeymap $keymap, Ways $ways, string $command, string $focus, ?Gesture $gesture): ?Binding
    {
        $who = new Who($keymap);

        return $ways->quickest(
            array_values(
                array_filter(
                    $keymap->bindings()->ofCommand($command),
                    static fn (Binding $one): bool => ($gesture === null || $one->gesture === $gesture) &&
                        $who->gets($one->chord, $one->gesture, $focus)->winner()?->command === $command,
                ),
            ),
        );
    }
}
