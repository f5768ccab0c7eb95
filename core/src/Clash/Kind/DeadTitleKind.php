<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Desktop\NearestTitle;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;

/** A menu title that no menu has, to the letter: the desktop finds nothing and does nothing. */
final readonly class DeadTitleKind implements ClashKind
{
    public function name(): string
    {
        return 'dead-title';
    }

    public function title(): string
    {
        return 'Dead title';
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
        foreach ($keymap->application->id === DesktopCatalogue::ID ? $bindings : [] as $binding) {
            if (! $keymap->application->knows($binding->command)) {
                $clashes[] = new Clash($this, Grade::Fault, [$binding], [$binding], static function () use ($keymap, $binding): string {
                    $title = DesktopCatalogue::title($binding->command);
                    $nearest = NearestTitle::to($binding->command, $binding->context, $keymap->application);
                    $context = Words::context($keymap, $binding);

                    return "No menu of {$context} has the title \"{$title}\", so ".
                        Words::chord($keymap, $binding).
                        ' does nothing there.'.
                        ($nearest === null ? '' : ' The nearest is "'.DesktopCatalogue::title($nearest).'".');
                });
            }
        }

        return $clashes;
    }
}
