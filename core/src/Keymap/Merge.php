<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/**
 * Two sets of changes of one keymap put together, command by command in each context. Where both took the same chord away and put
 * different ones in its place, ours stays and the conflict is told. Chords that each side gave to another command are told too: each was
 * fine alone.
 */
final readonly class Merge
{
    /**
     * @param  Bindings  $result  in the order of ours, with what comes from them behind
     * @param  list<MergeConflict>  $conflicts
     * @param  list<array{Binding, Binding}>  $doubles  one of ours and one of theirs that ask for one chord in one context
     */
    private function __construct(public Bindings $result, public array $conflicts, public array $doubles)
    {
    }

    /**
     * @param  Bindings  $base  what both started from
     * @param  Bindings  $ours  what is there
     * @param  Bindings  $theirs  what is taken in
     */
    public static function of(Bindings $base, Bindings $ours, Bindings $theirs): self
    {
        $own = Change::between($base, $ours);
        $other = Change::between($base, $theirs);
        $ownBySlot = self::bySlot($own);
        $taken = Change::none();
        $conflicts = [];
        foreach (self::bySlot($other) as $slot => $change) {
            $here = $ownBySlot[$slot] ?? Change::none();
            $notGone = Bindings::of(...$here->removed)->lacking(Bindings::of(...$change->removed));
            $bothTook = count($notGone) < count($change->removed);
            $new = Bindings::of(...$here->added)->lacking(Bindings::of(...$change->added));
            $onlyOurs = Bindings::of(...$change->added)->lacking(Bindings::of(...$here->added));
            $isAgreed =
                ($new === [] || $here->added !== []) && ($onlyOurs === [] || $change->added !== []) && ($new === [] || $onlyOurs === []);
            if ($bothTook && ! $isAgreed) {
                $conflicts[] = MergeConflict::between($here, $change);
                $new = [];
            }
            $taken = $taken->removing(...$notGone)->adding(...$new);
        }

        return new self($ours->changedBy($taken), $conflicts, self::doubles($own, $taken));
    }

    /** @return array<string, Change> by context, gesture and command */
    private static function bySlot(Change $change): array
    {
        $slots = [];
        foreach ($change->removed as $binding) {
            $slot = "{$binding->context} {$binding->gesture->value} {$binding->command}";
            $slots[$slot] = ($slots[$slot] ?? Change::none())->removing($binding);
        }
        foreach ($change->added as $binding) {
            $slot = "{$binding->context} {$binding->gesture->value} {$binding->command}";
            $slots[$slot] = ($slots[$slot] ?? Change::none())->adding($binding);
        }

        return $slots;
    }

    /** @return list<array{Binding, Binding}> */
    private static function doubles(Change $own, Change $taken): array
    {
        $doubles = [];
        foreach ($taken->added as $theirs) {
            foreach ($own->added as $ours) {
                if (
                    $ours->command !== $theirs->command &&
                    $ours->context === $theirs->context &&
                    $ours->gesture === $theirs->gesture &&
                    $ours->chord->equals($theirs->chord)
                ) {
                    $doubles[] = [$ours, $theirs];
                }
            }
        }

        return $doubles;
    }
}
