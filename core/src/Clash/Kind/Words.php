<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;

/** What the sentences of clashes are made of. */
final readonly class Words
{
    public static function chord(LoadedKeymap $keymap, Binding $binding): string
    {
        return $keymap->seat->printer()->inSentence($binding->chord);
    }

    public static function command(LoadedKeymap $keymap, Binding $binding): string
    {
        return $keymap->application->commandName($binding->command);
    }

    public static function context(LoadedKeymap $keymap, Binding $binding): string
    {
        return $binding->context === Context::DESKTOP ? 'Desktop' : $keymap->application->contexts->get($binding->context)->name;
    }
}
