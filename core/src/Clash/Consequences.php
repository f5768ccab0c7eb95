<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/** What a change would do to a keymap, computed before it is made. */
final readonly class Consequences
{
    /**
     * @param  list<Clash>  $settled  clashes that go
     * @param  list<Clash>  $raised  clashes that newly come
     * @param  list<Relearning>  $relearning  commands whose chords change
     */
    private function __construct(public array $settled, public array $raised, public array $relearning)
    {
    }

    public static function of(LoadedKeymap $keymap, Change $change, Docket $docket): self
    {
        $after = $keymap->after($change);
        // Whatever clashes shares a press, so only the presses that the change touches are looked at.
        $touched = $keymap->touchedBy($change);
        $clashesBefore = $docket->on($touched, $keymap);
        $clashesAfter = $docket->on($touched, $after);

        return new self(
            array_values(array_diff_key($clashesBefore, $clashesAfter)),
            array_values(array_diff_key($clashesAfter, $clashesBefore)),
            self::relearning($keymap, $after, $change),
        );
    }

    /** @return list<Relearning> */
    private static function relearning(LoadedKeymap $before, LoadedKeymap $after, Change $change): array
    {
        $commands = array_values(
            array_unique(array_map(static fn (Binding $one): string => $one->command, [...$change->removed, ...$change->added])),
        );

        $hand = new LeftHand($before->seat->board);
        // The first chord is the one that is used.
        $effort = static fn (?Binding $first): ?float => $first === null
            ? null
            : $hand->of($before->seat->press($first->chord)->made ?? $first->chord);
        $chord = static fn (Binding $one): Chord => $one->chord;

        return array_map(static function (string $command) use ($before, $after, $effort, $chord): Relearning {
            $was = $before->bindings()->ofCommand($command);
            $is = $after->bindings()->ofCommand($command);

            return new Relearning(
                $command,
                array_map($chord, $was),
                array_map($chord, $is),
                $effort($was[0] ?? null),
                $effort($is[0] ?? null),
            );
        }, $commands);
    }

    /**
     * Whether somebody has to say yes to what comes of it before it is written: to a fault always, and on a way back, where nobody chose a
     * chord, to every clash.
     */
    public function needConfirmation(bool $isWayBack): bool
    {
        return $this->raisesFault() || ($isWayBack && $this->raised !== []);
    }

    public function raisesFault(): bool
    {
        return in_array(Grade::Fault, array_column($this->raised, 'grade'), true);
    }
}
