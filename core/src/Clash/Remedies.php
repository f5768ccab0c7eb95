<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Remap\FreeChords;

/** Computes the ways out of a clash. Those that leave a fault behind come last. */
final readonly class Remedies
{
    public function __construct(private Docket $docket, private FreeChords $free)
    {
    }

    /** @return list<Remedy> */
    public function for(Clash $clash, LoadedKeymap $keymap): array
    {
        $remedies = [];
        foreach ($this->distinct($clash->bindings) as $binding) {
            $others = array_values(array_filter($clash->bindings, static fn (Binding $one): bool => $one !== $binding));
            $remedies[] = $this->move($keymap, $binding);
            $remedies[] = $clash->kind === 'double'
                ? $this->remedy($keymap, 'Keep '.$this->called($keymap, $binding).' only', Change::none()->removing(...$others))
                : $this->remedy($keymap, 'Take the chord from '.$this->called($keymap, $binding), Change::none()->removing($binding));
        }
        $remedies = array_values(array_filter($remedies));
        usort($remedies, static fn (Remedy $one, Remedy $other): int => $one->consequences->raisesFault() <=> $other->consequences->raisesFault());

        return $remedies;
    }

    /**
     * @param  list<Binding>  $bindings
     * @return list<Binding>
     */
    private function distinct(array $bindings): array
    {
        $byId = [];
        foreach ($bindings as $binding) {
            $byId[$binding->id()] ??= $binding;
        }

        return array_values($byId);
    }

    private function move(LoadedKeymap $keymap, Binding $binding): ?Remedy
    {
        $best = $this->free->for($keymap, $binding->command, $binding->context, 1)[0] ?? null;
        if ($best === null) {
            return null;
        }
        $chord = $keymap->seat->printer()->inSentence($best->chord);

        return $this->remedy(
            $keymap,
            "Move {$this->called($keymap, $binding)} to {$chord}, the best free chord",
            Change::none()->removing($binding)->adding($binding->at($best->chord)),
        );
    }

    private function remedy(LoadedKeymap $keymap, string $title, Change $change): Remedy
    {
        return new Remedy($title, $change, Consequences::of($keymap, $change, $this->docket));
    }

    /** The context is named too, since a shadow can hide a command of the same name. */
    private function called(LoadedKeymap $keymap, Binding $binding): string
    {
        return $keymap->application->commandName($binding->command).' ('.$keymap->application->contexts->get($binding->context)->name.')';
    }
}
