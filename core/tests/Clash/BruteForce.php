<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Clash;

use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;

/**
 * Finds clashes by putting the focus into every context in turn and comparing every binding with every other, from nothing but the
 * declared tree: no index, no depth, no overlap, no `who()`. Slow, and written apart from the docket.
 */
final readonly class BruteForce
{
    /** @param  array<string, Context>  $contexts */
    private function __construct(private LoadedKeymap $keymap, private array $contexts, private bool $tells)
    {
    }

    /** @return list<string> `kind: bindings` with the bindings sorted, or with the hiding one first for a shadow; sorted */
    public static function clashes(LoadedKeymap $keymap): array
    {
        $contexts = $keymap->application->contexts->all();
        $checker = new self($keymap, array_combine(array_column($contexts, 'id'), $contexts), $keymap->application->tellsHold);
        $found = [...$checker->doubles(), ...$checker->pairs(), ...$checker->alone()];
        sort($found);

        return array_values(array_unique($found));
    }

    /** @return list<string> */
    private function doubles(): array
    {
        $claims = [];
        foreach ($this->keymap->bindings() as $binding) {
            $claims[$this->slot($binding).' '.$binding->context][] = $binding;
        }
        $found = [];
        foreach ($claims as $same) {
            $commands = array_unique(array_map(static fn (Binding $one): string => $one->command, $same));
            if (count($commands) > 1 || (count($same) > 1 && $this->keymap->application->loading === LoadingRule::RefuseFile)) {
                $found[] = self::told('double', ...$same);
            }
        }

        return $found;
    }

    /** @return list<string> */
    private function pairs(): array
    {
        $loaded = $this->loaded();
        $found = [];
        foreach (array_keys($this->contexts) as $focus) {
            $steps = $this->steps($focus);
            foreach ($loaded as $one) {
                foreach ($loaded as $other) {
                    if (
                        $one === $other ||
                        $one->command === $other->command ||
                        $this->slot($one) !== $this->slot($other) ||
                        ! isset($steps[$one->context], $steps[$other->context])
                    ) {
                        continue;
                    }
                    if ($steps[$one->context] === $steps[$other->context]) {
                        $found[] = self::told('double', $one, $other);
                    } elseif ($this->isBefore($one, $other, $steps)) {
                        $found[] = "shadow: {$one->id()} over {$other->id()}";
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<string> */
    private function alone(): array
    {
        $found = [];
        foreach ($this->keymap->bindings() as $binding) {
            if ($binding->chord->id() === 'Meta+Tab') {
                $found[] = self::told('reserved', $binding);
            }
            $text = array_filter(array_keys($this->steps($binding->context)), fn (string $id): bool => $this->contexts[$id]->textEntry);
            if ($text !== [] && in_array($binding->chord->id(), ['KeyA', 'KeyB'], true)) {
                $found[] = self::told('swallowed', $binding);
            }
            if ($binding->gesture === Gesture::Hold) {
                array_push($found, ...$this->holds($binding));
            }
        }

        return $found;
    }

    /** @return list<string> */
    private function holds(Binding $hold): array
    {
        if (! $this->tells) {
            return [self::told('tap-hold', $hold)];
        }
        $found = [];
        foreach ($this->keymap->bindings() as $tap) {
            $together = array_filter(
                array_keys($this->contexts),
                fn (string $focus): bool => isset($this->steps($focus)[$tap->context], $this->steps($focus)[$hold->context]),
            );
            if (
                $tap->gesture === Gesture::Tap &&
                $tap->chord->equals($hold->chord) &&
                $together !== [] &&
                in_array(CommandTrait::Repeats, $this->keymap->application->command($tap->command)->traits, true)
            ) {
                $found[] = self::told('tap-hold', $tap, $hold);
            }
        }

        return $found;
    }

    /** @return list<Binding> one for each context and chord: what the application has in memory */
    private function loaded(): array
    {
        $memory = [];
        $doubled = [];
        foreach ($this->keymap->bindings() as $binding) {
            $slot = $this->slot($binding).' '.$binding->context;
            $doubled[$slot] = isset($memory[$slot]);
            if (! isset($memory[$slot]) || $this->keymap->application->loading === LoadingRule::LastLineWins) {
                $memory[$slot] = $binding;
            }
        }

        return array_values(
            $this->keymap->application->loading === LoadingRule::RefuseFile
                ? array_filter(
                    $memory,
                    fn (Binding $one, string $slot): bool => count(
                        array_filter(
                            $this->keymap->bindings()->all(),
                            fn (Binding $other): bool => $this->slot($other).' '.$other->context === $slot,
                        ),
                    ) === 1,
                    ARRAY_FILTER_USE_BOTH,
                )
                : $memory,
        );
    }

    /** @param  array<string, int>  $steps */
    private function isBefore(Binding $one, Binding $other, array $steps): bool
    {
        $jumps = fn (Binding $binding): bool => $binding->context === 'everywhere' &&
            ($this->keymap->application->precedence === Precedence::EverywhereFirst ||
                $this->keymap->application->isAskedFirst($binding->command));

        return match (true) {
            $jumps($one) => true,
            $jumps($other) => false,
            default => $steps[$one->context] < $steps[$other->context],
        };
    }

    /** @return array<string, int> the active contexts, and how many steps from the focus outward each is asked */
    private function steps(string $focus): array
    {
        $steps = [];
        for ($id = $focus, $step = 0; $id !== null; $id = $this->contexts[$id]->parent, $step++) {
            $steps[$id] = $step;
            foreach ($this->contexts as $other) {
                $coexist = in_array($other->id, $this->contexts[$id]->coexistsWith, true) || in_array($id, $other->coexistsWith, true);
                if ($other->id !== $id && $other->parent === $this->contexts[$id]->parent && $coexist) {
                    $steps[$other->id] = $step;
                }
            }
        }

        return $steps;
    }

    /** What is pressed: the chord, and the gesture where the application tells it. */
    private function slot(Binding $binding): string
    {
        return $binding->chord->id().($this->tells ? ' '.$binding->gesture->value : '');
    }

    public static function told(string $kind, Binding ...$bindings): string
    {
        $ids = array_map(static fn (Binding $one): string => $one->id(), $bindings);
        sort($ids);

        return "{$kind}: ".implode(', ', $ids);
    }
}
