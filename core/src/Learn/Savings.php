<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Closure;
use Zebrafinch\Core\Effort\Method;
use Zebrafinch\Core\Keymap\Binding;

/** What somebody's work would take less by key, command by command, by the keystroke-level model. */
final readonly class Savings
{
    /** Free chords are looked for only where most is to be saved: for so many commands. */
    public const MOST_OFFERS = 12;

    /**
     * @param  list<Saving>  $all  the largest first
     * @param  int  $withoutOffer  commands that are used, have no chord, and for which no free one was looked for, or found
     */
    private function __construct(public array $all, public int $withoutOffer)
    {
    }

    /**
     * @param  list<Doing>  $doings
     * @param  Closure(Doing, list<Binding>): ?Binding  $offer  the best free chord for a command that is none of some others; null for none
     */
    public static function of(array $doings, Ways $ways, Closure $offer): self
    {
        $found = [];
        $lacking = [];
        foreach ($doings as $doing) {
            $mouse = $ways->byMouse($doing->command);
            $binding = $ways->quickest($doing->bindings);
            if ($binding === null) {
                $lacking[] = [$doing, SavingKind::NoChord, $mouse, $doing->byMouse];

                continue;
            }
            $chord = $ways->byChord($binding) ?? $mouse;
            $found[] = self::saving(SavingKind::ByMouse, $doing, $binding, $doing->byMouse, $mouse, $chord, $ways);
            if ($chord->homings > 0 || $chord->keystrokes > 3) {
                $lacking[] = [$doing, SavingKind::HardChord, $chord, $doing->byKey];
            }
        }
        [$offered, $without] = self::offered($lacking, $ways, $offer);
        $all = array_values(array_filter([...$found, ...$offered]));
        usort($all, Saving::compare(...));

        return new self($all, $without);
    }

    /**
     * @param  list<array{Doing, SavingKind, Method, float}>  $lacking  with the way that is taken now and how often
     * @param  Closure(Doing, list<Binding>): ?Binding  $offer
     * @return array{list<Saving|null>, int}
     */
    private static function offered(array $lacking, Ways $ways, Closure $offer): array
    {
        $used = array_values(array_filter($lacking, static fn (array $one): bool => $one[3] > 0.0));
        usort(
            $used,
            static fn (array $one, array $other): int => [$other[3] * $ways->seconds($other[2]), $one[0]->command->id] <=> [
                $one[3] * $ways->seconds($one[2]),
                $other[0]->command->id,
            ],
        );
        $found = [];
        $without = 0;
        $taken = [];
        foreach ($used as $rank => [$doing, $kind, $way, $uses]) {
            $id = $doing->application->id;
            $binding = $rank < self::MOST_OFFERS ? $offer($doing, $taken[$id] ?? []) : null;
            $chord = $binding === null ? null : $ways->byChord($binding);
            if ($binding !== null && $chord !== null) {
                $taken[$id][] = $binding;
                $found[] = self::saving($kind, $doing, $binding, $uses, $way, $chord, $ways);
            } elseif ($kind === SavingKind::NoChord) {
                $without++;
            }
        }

        return [$found, $without];
    }

    private static function saving(
        SavingKind $kind,
        Doing $doing,
        Binding $binding,
        float $uses,
        Method $way,
        Method $newWay,
        Ways $ways,
    ): ?Saving {
        $before = $ways->seconds($way);
        $after = $ways->seconds($newWay);

        return $uses > 0.0 && $before > $after ? new Saving($kind, $doing, $binding, $uses, $way, $newWay, $before, $after) : null;
    }

    /** Seconds a week. */
    public function sum(): float
    {
        return array_sum(array_map(static fn (Saving $one): float => $one->secondsAWeek(), $this->all));
    }

    /** @return array<string, float> seconds a week by application, the largest first */
    public function byApplication(): array
    {
        $sums = [];
        foreach ($this->all as $saving) {
            $id = $saving->doing->application->id;
            $sums[$id] = ($sums[$id] ?? 0.0) + $saving->secondsAWeek();
        }
        arsort($sums);

        return $sums;
    }
}
