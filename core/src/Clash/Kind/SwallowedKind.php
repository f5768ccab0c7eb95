<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;

/** A chord that types a character, bound in a context where text is entered: it is typed, and the command never runs. */
final readonly class SwallowedKind implements ClashKind
{
    public function name(): string
    {
        return 'swallowed';
    }

    public function title(): string
    {
        return 'Swallowed';
    }

    public function isRivalry(): bool
    {
        return false;
    }

    public function isNote(): bool
    {
        return false;
    }

    public function find(LoadedKeymap $keymap, Press $press, array $bindings): array
    {
        $clashes = [];
        $takingText = $keymap->application->contexts->takingText();
        foreach ($takingText === [] ? [] : $bindings as $binding) {
            $text = $takingText[$binding->context] ?? null;
            $typed =
                $text === null || $keymap->seat->press($binding->chord)->id !== $press->id ? null : $keymap->seat->typed($binding->chord);
            if ($typed !== null) {
                $clashes[] = new Clash(
                    $this,
                    Grade::Warning,
                    [$binding],
                    [$binding],
                    static fn (): string => ($text instanceof Context ? $text->name : '').
                        ' takes text: '.
                        Words::chord($keymap, $binding).
                        " types \"{$typed}\" there and never runs ".
                        Words::command($keymap, $binding).
                        '.',
                );
            }
        }

        return $clashes;
    }
}
