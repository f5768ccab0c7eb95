<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Listing;

/** One chord for several commands in contexts that never meet: often just what is wanted. */
final readonly class ParallelKind implements ClashKind
{
    public function name(): string
    {
        return 'parallel';
    }

    public function title(): string
    {
        return 'Parallel';
    }

    public function isRivalry(): bool
    {
        return false;
    }

    public function isNote(): bool
    {
        return true;
    }

    public function find(LoadedKeymap $keymap, Press $press, array $bindings): array
    {
        $clashes = [];
        foreach (count($bindings) > 1 ? $keymap->gestures() : [] as $gesture) {
            $loaded = array_filter(array_map($keymap->loaded(...), $keymap->claims($bindings, $gesture)));
            $isApart = fn (Binding $one): bool => array_filter(
                $loaded,
                fn (Binding $other): bool => $this->areApart($keymap, $one, $other),
            ) !== [];
            $apart = array_values(array_filter($loaded, $isApart));
            if ($apart !== []) {
                $clashes[] = new Clash(
                    $this,
                    Grade::Note,
                    $apart,
                    [],
                    fn (): string => Words::chord($keymap, $apart[0]).
                        ' runs '.
                        Listing::and(
                            array_map(
                                static fn (Binding $one): string => Words::command($keymap, $one).' in '.Words::context($keymap, $one),
                                $apart,
                            ),
                        ).
                        '; '.
                        $this->whichNeverMeet($keymap, $apart).
                        '.',
                );
            }
        }

        return $clashes;
    }

    /** @param  list<Binding>  $bindings  some of which may lie inside one another */
    private function whichNeverMeet(LoadedKeymap $keymap, array $bindings): string
    {
        $pairs = [];
        $meeting = 0;
        foreach ($bindings as $number => $one) {
            foreach (array_slice($bindings, $number + 1) as $other) {
                $isApart = ! $keymap->application->contexts->overlap($one->context, $other->context);
                $meeting += $isApart ? 0 : 1;
                if ($isApart) {
                    $pairs[] = Words::context($keymap, $one).' never meets '.Words::context($keymap, $other);
                }
            }
        }

        return $meeting === 0 ? 'these never meet' : Listing::and($pairs);
    }

    private function areApart(LoadedKeymap $keymap, Binding $one, Binding $other): bool
    {
        return $one->command !== $other->command && ! $keymap->application->contexts->overlap($one->context, $other->context);
    }
}
