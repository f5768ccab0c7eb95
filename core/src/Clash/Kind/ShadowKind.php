<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Listing;

/**
 * A binding that hides others while its context has the focus, or a menu title that the desktop takes the chord for; says which
 * commands nothing else reaches there.
 */
final readonly class ShadowKind implements ClashKind
{
    public function name(): string
    {
        return 'shadow';
    }

    public function title(): string
    {
        return 'Shadow';
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
        $desktop = $keymap->desktop?->taking($press);
        if ($desktop === null && ! $keymap->anyMeet($bindings)) {
            return [];
        }
        foreach ($keymap->gestures() as $gesture) {
            $loaded = array_filter(array_map($keymap->loaded(...), $keymap->claims($bindings, $gesture)));
            if ($desktop === null && count($loaded) < 2) {
                continue;
            }
            foreach ($desktop === null ? $loaded : [$desktop] as $hider) {
                $hidden = [];
                foreach ($loaded as $candidate) {
                    if (
                        $candidate->command !== $hider->command &&
                        ($desktop !== null || $this->isAskedFirst($keymap, $hider, $candidate))
                    ) {
                        $hidden[] = $candidate;
                    }
                }
                if ($hidden !== []) {
                    $clashes[] = new Clash(
                        $this,
                        Grade::Warning,
                        [$hider, ...$hidden],
                        $hidden,
                        fn (): string => $this->sentence($keymap, $hider, $hidden),
                    );
                }
            }
        }

        return $clashes;
    }

    /** Whether $hider is asked before $other in some focus that has both. */
    private function isAskedFirst(LoadedKeymap $keymap, Binding $hider, Binding $other): bool
    {
        $contexts = $keymap->application->contexts;

        return match (true) {
            $hider->context === $other->context => false,
            $hider->context === ContextTree::EVERYWHERE => $keymap->application->isAskedFirst($hider->command),
            $other->context === ContextTree::EVERYWHERE => ! $keymap->application->isAskedFirst($other->command),
            default => $contexts->depth($hider->context) > $contexts->depth($other->context) &&
                $contexts->overlap($hider->context, $other->context),
        };
    }

    /** @param  non-empty-list<Binding>  $hidden */
    private function sentence(LoadedKeymap $keymap, Binding $hider, array $hidden): string
    {
        $isFromDesktop = ! $keymap->application->contexts->has($hider->context);
        $focus = $isFromDesktop || $hider->context === ContextTree::EVERYWHERE ? $hidden[0]->context : $hider->context;
        $losses = array_map(fn (Binding $lost): string => Words::command($keymap, $lost).$this->otherWay($keymap, $lost, $focus), $hidden);
        $start = $isFromDesktop
            ? 'The desktop takes '.Words::chord($keymap, $hider).' for the menu title of '
            : 'While '.$keymap->application->contexts->get($focus)->name.' has the focus, '.Words::chord($keymap, $hider).' runs ';

        return $start.Words::command($keymap, $hider).' and hides '.Listing::and($losses).'.';
    }

    private function otherWay(LoadedKeymap $keymap, Binding $lost, string $focus): string
    {
        $who = new Who($keymap);
        foreach ($keymap->bindings()->ofCommand($lost->command) as $binding) {
            $reaches =
                $binding->id() !== $lost->id() &&
                $who->gets($binding->chord, $binding->gesture, $focus)->winner()?->command === $lost->command;
            if ($reaches) {
                return ' (still on '.Words::chord($keymap, $binding).')';
            }
        }

        return ', which no other chord reaches there';
    }
}
