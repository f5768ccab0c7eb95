<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Remap;

use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Text\Listing;

/** Answers "this command on this chord, here": who holds the chord, and the ways to get it. */
final readonly class Remap
{
    public function __construct(private LoadedKeymap $keymap, private Docket $docket)
    {
    }

    /**
     * Who has the wanted chord in the wanted context itself.
     *
     * @return list<Binding>
     */
    public function holders(Binding $wanted): array
    {
        $here = $this->keymap->boundTo($wanted->chord, $wanted->gesture)[$wanted->context] ?? [];

        return array_values(array_filter($here, static fn (Binding $one): bool => $one->command !== $wanted->command));
    }

    /** @return list<Binding> bindings of other commands in contexts above or below, which the wanted one would hide or be hidden by */
    public function neighbours(Binding $wanted): array
    {
        $found = [];
        foreach ($this->keymap->boundTo($wanted->chord, $wanted->gesture) as $context => $bindings) {
            if ($context !== $wanted->context && $this->keymap->application->contexts->overlap($context, $wanted->context)) {
                array_push($found, ...array_filter($bindings, static fn (Binding $one): bool => $one->command !== $wanted->command));
            }
        }

        return $found;
    }

    /** Why the key file of the application cannot say the wanted chord; null where it can. */
    public function unsayable(Binding $wanted): ?string
    {
        return $this->keymap->application->spelling?->objection($wanted->chord, $wanted->gesture);
    }

    public function isAlreadySo(Binding $wanted): bool
    {
        return (new Who($this->keymap))->gets($wanted->chord, $wanted->gesture, $wanted->context)->winner()?->id() === $wanted->id();
    }

    /**
     * The ways to the wanted chord, those that leave no fault first. Empty when the command has it already, or the key file cannot say it.
     *
     * @return list<Choice>
     *
     * @throws \Zebrafinch\Core\Application\UnknownCommand|\Zebrafinch\Core\Application\UnknownContext
     */
    public function choices(Binding $wanted): array
    {
        $this->keymap->application->command($wanted->command);
        $this->keymap->application->contexts->get($wanted->context);
        if ($this->isAlreadySo($wanted) || $this->unsayable($wanted) !== null) {
            return [];
        }
        $holders = $this->holders($wanted);
        $old = $this->oldBinding($wanted);
        $choices = $holders === [] ? $this->whenNobodyHoldsIt($wanted, $old) : $this->whenHeld($wanted, $holders, $old);
        $neighbours = $this->neighbours($wanted);
        if ($neighbours !== []) {
            $choices[] = $this->freeingAround($choices[0], $neighbours);
        }
        usort(
            $choices,
            static fn (Choice $one, Choice $other): int => $one->consequences->raisesFault() <=> $other->consequences->raisesFault(),
        );

        return $choices;
    }

    /** The way to take one chord from its command. */
    public function removal(Binding $binding): Choice
    {
        return $this->choice(
            ChoiceKind::Remove,
            'Remove '.$this->label($binding).' from '.$this->called($binding),
            Change::none()->removing($binding),
        );
    }

    /**
     * Whether the chord can be given without taking anything from anybody: nobody has it here or around here, and no clash comes of it.
     *
     * @param  list<Choice>  $choices  the ways to it
     */
    public function isFree(Binding $wanted, array $choices): bool
    {
        return $choices !== [] &&
            $this->holders($wanted) === [] &&
            $this->neighbours($wanted) === [] &&
            $choices[0]->consequences->raised === [];
    }

    /**
     * The first way, and in the same step the chord is taken from the contexts around and inside.
     *
     * @param  non-empty-list<Binding>  $neighbours
     */
    private function freeingAround(Choice $first, array $neighbours): Choice
    {
        $names = array_map(
            fn (Binding $one): string => "{$this->keymap->application->contexts->get($one->context)->name} ({$this->called($one)})",
            $neighbours,
        );

        return $this->choice(
            ChoiceKind::FreeAround,
            "{$first->title}, and free it in ".Listing::and(array_values(array_unique($names))),
            $first->change->removing(...$neighbours),
        );
    }

    /** @return list<Choice> */
    private function whenNobodyHoldsIt(Binding $wanted, ?Binding $old): array
    {
        if ($old === null) {
            return [$this->choice(ChoiceKind::AddBeside, "Give it {$this->label($wanted)}", Change::none()->adding($wanted))];
        }

        return [
            $this->choice(
                ChoiceKind::AddBeside,
                "Add {$this->label($wanted)} beside {$this->label($old)}",
                Change::none()->adding($wanted),
            ),
            $this->choice(
                ChoiceKind::Replace,
                "Use {$this->label($wanted)} instead of {$this->label($old)}",
                Change::none()->removing($old)->adding($wanted),
            ),
        ];
    }

    /**
     * @param  non-empty-list<Binding>  $holders
     * @return list<Choice>
     */
    private function whenHeld(Binding $wanted, array $holders, ?Binding $old): array
    {
        $names = Listing::and(array_map($this->called(...), $holders));
        $takeOver = Change::none()->removing(...$holders);
        if (! $this->keymap->bindings()->has($wanted)) {
            $takeOver = $takeOver->adding($wanted);
        }
        $choices = [$this->choice(ChoiceKind::TakeOver, "Take {$this->label($wanted)} over from {$names}", $takeOver)];
        if ($old !== null) {
            $choices[] = $this->choice(
                ChoiceKind::TakeOverInstead,
                "Take {$this->label($wanted)} over from {$names}, instead of {$this->label($old)}",
                $takeOver->removing($old),
            );
        }
        if ($old !== null && count($holders) === 1) {
            $swap = $takeOver->removing($old)->adding($holders[0]->at($old->chord));
            $choices[] = $this->choice(ChoiceKind::Swap, "Swap: {$names} gets {$this->label($old)}", $swap);
        }
        if (! $this->keymap->bindings()->has($wanted)) {
            $choices[] = $this->choice(
                ChoiceKind::AddBeside,
                $this->keymap->application->loading === LoadingRule::RefuseFile
                    ? "Add it all the same, and {$this->keymap->application->name} refuses its whole key file"
                    : "Add it and leave it with {$names} too",
                Change::none()->adding($wanted),
            );
        }

        return $choices;
    }

    /** The chord that the command would give up: its first in the wanted context, else its first anywhere. */
    private function oldBinding(Binding $wanted): ?Binding
    {
        $own = array_values(
            array_filter(
                $this->keymap->bindings()->ofCommand($wanted->command),
                static fn (Binding $one): bool => $one->id() !== $wanted->id(),
            ),
        );
        $inContext = array_values(array_filter($own, static fn (Binding $one): bool => $one->context === $wanted->context));

        return $inContext[0] ?? ($own[0] ?? null);
    }

    private function choice(ChoiceKind $kind, string $title, Change $change): Choice
    {
        return new Choice($kind, $title, $change, Consequences::of($this->keymap, $change, $this->docket));
    }

    private function label(Binding $binding): string
    {
        return $this->keymap->seat->printer()->inSentence($binding->chord);
    }

    private function called(Binding $binding): string
    {
        return $this->keymap->application->commandName($binding->command);
    }
}
