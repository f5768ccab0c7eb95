<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;

/** What the hands would destroy with a chord that they learn in one application, once they are in the next. */
final readonly class DestroysElsewhere
{
    /**
     * @param  iterable<LoadedKeymap>  $others  of the other applications, at the seat of the chord
     * @return list<array{LoadedKeymap, Binding}> in the order of the applications
     */
    public static function by(Chord $chord, iterable $others): array
    {
        $found = [];
        foreach ($others as $keymap) {
            foreach ($keymap->onPress($keymap->seat->press($chord)) as $binding) {
                $application = $keymap->application;
                if ($application->knows($binding->command) && $application->command($binding->command)->is(CommandTrait::Destructive)) {
                    $found[] = [$keymap, $binding];
                }
            }
        }

        return $found;
    }
}
