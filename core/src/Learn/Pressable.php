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
        return $ways->quickest(
            array_values(
                array_filter(
                    self::all(new Who($keymap), $keymap, $command, $focus),
                    static fn (Binding $one): bool => $gesture === null || $one->gesture === $gesture,
                ),
            ),
        );
    }

    /**
     * @param  string|null  $focus  null for the context in which each is bound
     * @return list<Binding> those of a command that run it, in file order
     */
    public static function all(Who $who, LoadedKeymap $keymap, string $command, ?string $focus = null): array
    {
        return array_values(
            array_filter(
                $keymap->bindings()->ofCommand($command),
                static fn (Binding $one): bool => $who->gets($one->chord, $one->gesture, $focus ?? $one->context)->winner()?->command ===
                    $command,
            ),
        );
    }
}
