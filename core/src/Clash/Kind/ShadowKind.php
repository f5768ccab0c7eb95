<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** A binding that hides others while its context has the focus; says which commands nothing else reaches there. */
final readonly class ShadowKind implements ClashKind
{
    public function name(): string
    {
        return 'shadow';
    }

    public function find(LoadedKeymap $keymap): array
    {
        $clashes = [];
        foreach ($keymap->byPress() as $byContext) {
            foreach (count($byContext) > 1 ? $byContext : [] as $bindings) {
                $hider = $keymap->kept($bindings);
                $hidden = $hider === null ? [] : $this->hiddenBy($keymap, $hider, $byContext);
                if ($hider !== null && $hidden !== []) {
                    $clashes[] = new Clash('shadow', Grade::Warning, [$hider, ...$hidden], $hidden, $this->sentence($keymap, $hider, $hidden));
                }
            }
        }

        return $clashes;
    }

    /**
     * @param  array<string, non-empty-list<Binding>>  $byContext
     * @return list<Binding> bindings of other commands that are asked only after $hider when the focus is where both could act
     */
    private function hiddenBy(LoadedKeymap $keymap, Binding $hider, array $byContext): array
    {
        $hidden = [];
        foreach ($byContext as $context => $bindings) {
            if ($context !== $hider->context && $this->isAskedFirst($keymap, $hider->context, $context)) {
                array_push($hidden, ...array_filter($bindings, static fn (Binding $one): bool => $one->command !== $hider->command));
            }
        }

        return $hidden;
    }

    private function isAskedFirst(LoadedKeymap $keymap, string $hider, string $other): bool
    {
        $everywhereFirst = $keymap->application->precedence === Precedence::EverywhereFirst;
        if ($everywhereFirst && in_array(ContextTree::EVERYWHERE, [$hider, $other], true)) {
            return $hider === ContextTree::EVERYWHERE;
        }

        return $keymap->application->contexts->contains($other, $hider);
    }

    /** @param  non-empty-list<Binding>  $hidden */
    private function sentence(LoadedKeymap $keymap, Binding $hider, array $hidden): string
    {
        $application = $keymap->application;
        $focus = $hider->context === ContextTree::EVERYWHERE ? $hidden[0]->context : $hider->context;
        $place = $application->contexts->get($focus)->name;
        $chord = $keymap->seat->printer()->inSentence($hider->chord);
        $losses = array_map(fn (Binding $lost): string => $application->commandName($lost->command).$this->otherWay($keymap, $lost, $focus), $hidden);

        return "While {$place} has the focus, {$chord} runs {$application->commandName($hider->command)} and hides ".implode(' and ', $losses).'.';
    }

    private function otherWay(LoadedKeymap $keymap, Binding $lost, string $focus): string
    {
        $who = new Who($keymap);
        foreach ($keymap->bindings->ofCommand($lost->command) as $binding) {
            $reaches = $binding->id() !== $lost->id() && $who->gets($binding->chord, $binding->gesture, $focus)->winner()?->command === $lost->command;
            if ($reaches) {
                return " (still on {$keymap->seat->printer()->inSentence($binding->chord)})";
            }
        }

        return ', which no other chord reaches there';
    }
}
