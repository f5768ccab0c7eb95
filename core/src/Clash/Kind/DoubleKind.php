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
 * One chord and gesture, two commands, in one context or in two that overlap with no precedence between them.
 * The same command twice is a double only where the application refuses the file for it.
 */
final readonly class DoubleKind implements ClashKind
{
    public function name(): string
    {
        return 'double';
    }

    public function find(LoadedKeymap $keymap): array
    {
        $clashes = [];
        foreach ($keymap->byPress() as $byContext) {
            foreach ($byContext as $context => $bindings) {
                if ($this->isDouble($keymap, $bindings)) {
                    $clashes[] = $this->within($keymap, $context, $bindings);
                }
            }
            array_push($clashes, ...$this->acrossCoexisting($keymap, $byContext));
        }

        return $clashes;
    }

    /** @param  non-empty-list<Binding>  $bindings */
    private function isDouble(LoadedKeymap $keymap, array $bindings): bool
    {
        $commands = array_unique(array_column($bindings, 'command'));

        return count($commands) > 1 || (count($bindings) > 1 && $keymap->application->loading === LoadingRule::RefuseFile);
    }

    /** @param  non-empty-list<Binding>  $bindings in file order */
    private function within(LoadedKeymap $keymap, string $context, array $bindings): Clash
    {
        $application = $keymap->application;
        $names = array_values(array_unique(array_map(static fn (Binding $one): string => $application->commandName($one->command), $bindings)));
        $chord = $keymap->seat->printer()->inSentence($bindings[0]->chord);
        $place = $application->contexts->get($context)->name;
        $first = $names[0];
        $last = $names[count($names) - 1];
        $start = count($names) === 1
            ? "{$place} has {$chord} more than once for {$first}."
            : "{$place} gives {$chord} to ".self::listed($names).'.';

        return match ($application->loading) {
            LoadingRule::RefuseFile => new Clash('double', Grade::Fault, $bindings, $bindings, "{$start} {$application->name} refuses the whole key file because of it."),
            LoadingRule::FirstLineWins => new Clash('double', Grade::Fault, $bindings, array_slice($bindings, 1), "{$start} The first line wins: only {$first} runs."),
            LoadingRule::LastLineWins => new Clash('double', Grade::Fault, $bindings, array_slice($bindings, 0, -1), "{$start} The last line wins: only {$last} runs."),
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
        foreach ($ids as $place => $one) {
            foreach (array_slice($ids, $place + 1) as $other) {
                $nested = $contexts->contains($one, $other) || $contexts->contains($other, $one);
                if ($nested || ! $contexts->overlap($one, $other)) {
                    continue;
                }
                $bindings = [...$byContext[$one], ...$byContext[$other]];
                $names = self::listed([$contexts->get($one)->name, $contexts->get($other)->name]);
                $chord = $keymap->seat->printer()->inSentence($bindings[0]->chord);
                $clashes[] = new Clash('double', Grade::Fault, $bindings, $bindings, "{$names} can be active together and both have {$chord}; nothing decides which of them gets it.");
            }
        }

        return $clashes;
    }

    /** @param  non-empty-list<string>  $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? $last : implode(', ', $names).' and '.$last;
    }
}
