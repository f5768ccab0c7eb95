<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Press;

/** In which applications a press does the same as in another. */
final readonly class SameElsewhere
{
    /**
     * @param  list<LoadedKeymap>  $others  one for each other application, at one seat
     * @return list<string> names of those where the press runs what is matched to the same intent
     */
    public static function names(array $others, Vocabulary $vocabulary, ?Intent $intent, Press $press): array
    {
        if ($intent === null) {
            return [];
        }
        $names = [];
        foreach ($others as $keymap) {
            $match = $vocabulary->matchOf($keymap->application->id, $intent->id);
            foreach ($match === null ? [] : $keymap->bindings()->ofCommand($match->command) as $binding) {
                if ($keymap->seat->press($binding->chord)->id === $press->id) {
                    $names[] = $keymap->application->name;
                    break;
                }
            }
        }

        return $names;
    }
}
