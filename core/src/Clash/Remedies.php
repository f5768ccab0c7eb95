<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Offer\Offers;

/** Computes the ways out of a clash. Those that leave a fault behind come last. */
final readonly class Remedies
{
    private Alternatives $alternatives;

    public function __construct(private Docket $docket, Offers $free)
    {
        $this->alternatives = new Alternatives($free);
    }

    /** @return list<Remedy> */
    public function for(Clash $clash, LoadedKeymap $keymap): array
    {
        $remedies = [];
        // What the desktop takes is not this keymap's to change.
        $own = $this->distinct(
            array_filter($clash->bindings, static fn (Binding $alternative): bool => $alternative->context !== Context::DESKTOP),
        );
        foreach ($own as $binding) {
            $called = $this->called($keymap, $binding);
            foreach ($this->alternatives->to($binding, $keymap, 1) as $alternative) {
                $verb =
                    $alternative->kind === AlternativeKind::Narrow
                        ? 'Narrow'
                        : ($alternative->kind === AlternativeKind::Move
                            ? 'Move'
                            : 'Change');
                $remedies[] = $this->remedy(
                    $keymap,
                    "{$verb} {$called} {$alternative->words}",
                    Change::none()->removing($binding)->adding($alternative->binding),
                );
            }
            $others = array_values(array_filter($clash->bindings, static fn (Binding $alternative): bool => $alternative !== $binding));
            $remedies[] = $clash->kind->isRivalry()
                ? $this->remedy($keymap, "Keep {$called} only", Change::none()->removing(...$others))
                : $this->remedy($keymap, "Take the chord from {$called}", Change::none()->removing($binding));
            array_push($remedies, ...$this->swaps($keymap, $binding, $own));
        }
        $remedies = array_values(
            array_filter($remedies, static fn (Remedy $alternative): bool => isset($alternative->consequences->settled[0])),
        );
        usort(
            $remedies,
            static fn (Remedy $alternative, Remedy $other): int => $alternative->consequences->raisesFault() <=>
                $other->consequences->raisesFault(),
        );

        return $remedies;
    }

    /**
     * The other gives way and gets another chord that this command has.
     *
     * @param  list<Binding>  $clashing
     * @return list<Remedy>
     */
    private function swaps(LoadedKeymap $keymap, Binding $keeping, array $clashing): array
    {
        $spare =
            array_values(
                array_filter(
                    $keymap->bindings()->ofCommand($keeping->command),
                    static fn (Binding $one): bool => ! $one->chord->equals($keeping->chord),
                ),
            )[0] ?? null;
        if ($spare === null) {
            return [];
        }
        $others = array_filter(
            $clashing,
            fn (Binding $one): bool => $one->command !== $keeping->command && $this->alternatives->mayBe($one->at($spare->chord), $keymap),
        );
        $freed = $keymap->seat->printer()->inSentence($spare->chord);
        $giving = $keymap->application->commandName($keeping->command);

        return array_values(
            array_map(
                fn (Binding $other): Remedy => $this->remedy(
                    $keymap,
                    "Swap: {$this->called($keymap, $other)} gets {$freed} from {$giving}",
                    Change::none()->removing($other, $spare)->adding($other->at($spare->chord)),
                ),
                $others,
            ),
        );
    }

    /**
     * @param  array<Binding>  $bindings
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

    private function remedy(LoadedKeymap $keymap, string $title, Change $change): Remedy
    {
        return new Remedy($title, $change, Consequences::of($keymap, $change, $this->docket));
    }

    /** The context is named too, since a shadow can hide a command of the same name. */
    private function called(LoadedKeymap $keymap, Binding $binding): string
    {
        return $keymap->application->commandName($binding->command).
            ' ('.
            $keymap->application->contexts->get($binding->context)->name.
            ')';
    }
}
