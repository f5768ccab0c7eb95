<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** One chord for several commands in contexts that never meet: often just what is wanted. */
final readonly class ParallelKind implements ClashKind
{
    public function name(): string
    {
        return 'parallel';
    }

    public function find(LoadedKeymap $keymap, string $press, array $bindings): array
    {
        $clashes = [];
        foreach (count($bindings) > 1 ? $keymap->gestures() : [] as $gesture) {
            $kept = array_filter(array_map($keymap->kept(...), $keymap->claims($bindings, $gesture)));
            $apart = array_values(array_filter($kept, fn (Binding $one): bool => array_filter($kept, fn (Binding $other): bool => $this->areApart($keymap, $one, $other)) !== []));
            if ($apart !== []) {
                $clashes[] = new Clash($this->name(), Grade::Note, $apart, [], static fn (): string => Words::chord($keymap, $apart[0]).' runs '
                    .Words::listed(array_map(static fn (Binding $one): string => Words::command($keymap, $one).' in '.Words::place($keymap, $one), $apart)).'; these never meet.');
            }
        }

        return $clashes;
    }

    private function areApart(LoadedKeymap $keymap, Binding $one, Binding $other): bool
    {
        return $one->command !== $other->command && ! $keymap->application->contexts->overlap($one->context, $other->context);
    }
}
