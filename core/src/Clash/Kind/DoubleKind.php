<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Listing;

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

    public function title(): string
    {
        return 'Double';
    }

    public function isRivalry(): bool
    {
        return true;
    }

    public function isNote(): bool
    {
        return false;
    }

    public function find(LoadedKeymap $keymap, Press $press, array $bindings): array
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

        return new Clash($this, Grade::Fault, $claims, $losing, fn (): string => $this->sentence($keymap, $claims));
    }

    /** @param  non-empty-list<Binding>  $claims */
    private function sentence(LoadedKeymap $keymap, array $claims): string
    {
        $names = array_values(array_unique(array_map(static fn (Binding $one): string => Words::command($keymap, $one), $claims)));
        $chord = Words::chord($keymap, $claims[0]);
        $context = Words::context($keymap, $claims[0]);
        $start =
            count($names) === 1
                ? "{$context} has {$chord} more than once for {$names[0]}."
                : "{$context} gives {$chord} to ".Listing::and($names).'.';

        return match ($keymap->application->loading) {
            LoadingRule::RefuseFile => "{$start} {$keymap->application->name} refuses the whole key file because of it.",
            LoadingRule::FirstLineWins => "{$start} The first line wins: only ".Words::command($keymap, $claims[0]).' runs.',
            LoadingRule::LastLineWins => "{$start} The last line wins: only ".
                Words::command($keymap, $claims[count($claims) - 1]).
                ' runs.',
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
        for ($index = count($ids) - 1; $index > 0; $index--) {
            for ($earlier = 0; $earlier < $index; $earlier++) {
                if (
                    $contexts->depth($ids[$earlier]) === $contexts->depth($ids[$index]) &&
                    $contexts->overlap($ids[$earlier], $ids[$index])
                ) {
                    $loaded = array_values(
                        array_filter([$keymap->loaded($byContext[$ids[$earlier]]), $keymap->loaded($byContext[$ids[$index]])]),
                    );
                    if (count($loaded) === 2 && $loaded[0]->command !== $loaded[1]->command) {
                        $clashes[] = new Clash(
                            $this,
                            Grade::Fault,
                            $loaded,
                            $loaded,
                            static fn (): string => Listing::and(
                                array_map(static fn (Binding $binding): string => Words::context($keymap, $binding), $loaded),
                            ).
                                ' can be active together and both have '.
                                Words::chord($keymap, $loaded[0]).
                                '; nothing decides which of them gets it.',
                        );
                    }
                }
            }
        }

        return $clashes;
    }
}
