<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/**
 * One chord and gesture, two commands, in one context or in two that are asked together with nothing to decide between them.
 * The same command twice is a double only where the application refuses the file for it.
 */
final readonly class DoubleKind implements ClashKind
{
    public function name(): string
    {
        return 'double';
    }

    public function find(LoadedKeymap $keymap, string $press, array $bindings): array
    {
        $clashes = [];
        if (! $keymap->anyMeet($bindings)) {
            return [];
        }
        foreach ($keymap->gestures() as $gesture) {
            $byContext = $keymap->claims($bindings, $gesture);
            foreach ($byContext as $claims) {
                if (count($claims) > 1 && ($keymap->application->loading === LoadingRule::RefuseFile || ! self::sameCommand($claims))) {
                    $clashes[] = $this->within($keymap, $claims);
                }
            }
            if (count($byContext) > 1) {
                array_push($clashes, ...$this->acrossCoexisting($keymap, $byContext));
            }
        }

        return $clashes;
    }

    /** @param  list<Binding>  $bindings */
    private static function sameCommand(array $bindings): bool
    {
        return count(array_unique(array_column($bindings, 'command'))) === 1;
    }

    /** @param  non-empty-list<Binding>  $claims in file order */
    private function within(LoadedKeymap $keymap, array $claims): Clash
    {
        $losing = match ($keymap->application->loading) {
            LoadingRule::RefuseFile => $claims,
            LoadingRule::FirstLineWins => array_slice($claims, 1),
            LoadingRule::LastLineWins => array_slice($claims, 0, -1),
        };

        return new Clash($this->name(), Grade::Fault, $claims, $losing, fn (): string => $this->sentence($keymap, $claims));
    }

    /** @param  non-empty-list<Binding>  $claims */
    private function sentence(LoadedKeymap $keymap, array $claims): string
    {
        $names = array_values(array_unique(array_map(static fn (Binding $one): string => Words::command($keymap, $one), $claims)));
        $chord = Words::chord($keymap, $claims[0]);
        $place = Words::place($keymap, $claims[0]);
        $start = count($names) === 1 ? "{$place} has {$chord} more than once for {$names[0]}." : "{$place} gives {$chord} to ".Words::listed($names).'.';

        return match ($keymap->application->loading) {
            LoadingRule::RefuseFile => "{$start} {$keymap->application->name} refuses the whole key file because of it.",
            LoadingRule::FirstLineWins => "{$start} The first line wins: only ".Words::command($keymap, $claims[0]).' runs.',
            LoadingRule::LastLineWins => "{$start} The last line wins: only ".Words::command($keymap, $claims[count($claims) - 1]).' runs.',
        };
    }

    /**
     * @param  array<string, non-empty-list<Binding>>  $byContext
     * @return list<Clash>
     */
    private function acrossCoexisting(LoadedKeymap $keymap, array $byContext): array
    {
        $contexts = $keymap->application->contexts;
        $clashes = [];
        $ids = array_keys($byContext);
        for ($place = count($ids) - 1; $place > 0; $place--) {
            for ($earlier = 0; $earlier < $place; $earlier++) {
                if ($contexts->depth($ids[$earlier]) === $contexts->depth($ids[$place]) && $contexts->overlap($ids[$earlier], $ids[$place])) {
                    $kept = array_values(array_filter([$keymap->kept($byContext[$ids[$earlier]]), $keymap->kept($byContext[$ids[$place]])]));
                    if (count($kept) === 2 && $kept[0]->command !== $kept[1]->command) {
                        $clashes[] = new Clash($this->name(), Grade::Fault, $kept, $kept, static fn (): string => Words::listed(array_map(static fn (Binding $binding): string => Words::place($keymap, $binding), $kept))
                            .' can be active together and both have '.Words::chord($keymap, $kept[0]).'; nothing decides which of them gets it.');
                    }
                }
            }
        }

        return $clashes;
    }
}
