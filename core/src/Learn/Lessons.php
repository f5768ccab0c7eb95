<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Seat;

/**
 * Chooses what to learn next: the most seconds a week times ease, a chord that does the same in several applications as one, and what
 * goes with something chosen before rather than what stands alone. What misleads where somebody works is never chosen.
 */
final readonly class Lessons
{
    /** Few enough to choose from; one a week is a fine pace (common practice, no source). */
    public const MOST = 5;

    /** A chord that one has comes before one that has to be given first: of these so many at most. */
    private const MOST_GIVEN = 2;

    /** What it is worth that two are learned together; common practice, no source. */
    private const TOGETHER = 1.2;

    /**
     * @param  list<Lesson>  $chosen  the worthiest first
     * @param  list<Lesson>  $misleading  worth as much as these or more, and left out
     */
    private function __construct(public array $chosen, public array $misleading)
    {
    }

    /**
     * @param  list<Saving>  $savings
     * @param  callable(Saving): bool  $misleads  whether the chord is a false friend where this person works
     * @param  callable(Saving): bool  $isKnown  whether it is being learned already
     * @param  callable(Saving): list<string>  $elsewhere  names of other applications in which the chord does the same
     */
    public static function from(array $savings, Seat $seat, callable $misleads, callable $isKnown, callable $elsewhere): self
    {
        $open = self::grouped(array_values(array_filter($savings, static fn (Saving $one): bool => ! $isKnown($one))), $seat, $elsewhere);
        usort(
            $open,
            static fn (Lesson $one, Lesson $other): int => [$other->worth(), $one->savings[0]->id()] <=> [
                $one->worth(),
                $other->savings[0]->id(),
            ],
        );
        $chosen = $misleading = [];
        $given = 0;
        while ($open !== [] && count($chosen) < self::MOST) {
            $best = 0;
            $most = 0.0;
            $companion = null;
            foreach ($open as $index => $lesson) {
                // They come by worth: what is further down cannot be lifted above the best any more.
                if ($lesson->worth() * self::TOGETHER <= $most) {
                    break;
                }
                $with = self::companion($lesson, $chosen);
                $worth = $lesson->worth() * ($with === null ? 1.0 : self::TOGETHER);
                if ($worth > $most) {
                    [$best, $most, $companion] = [$index, $worth, $with];
                }
            }
            [$lesson] = array_splice($open, $best, 1);
            $isGiven = $lesson->savings[0]->kind !== SavingKind::ByMouse;
            if ($isGiven && $given >= self::MOST_GIVEN) {
                continue;
            }
            if (array_filter($lesson->savings, $misleads) === []) {
                $given += $isGiven ? 1 : 0;
                $chosen[] = $lesson->goingWith($companion);
            } elseif (count($misleading) < self::MOST) {
                $misleading[] = $lesson;
            }
        }

        return new self($chosen, $misleading);
    }

    /**
     * @param  list<Saving>  $savings
     * @param  callable(Saving): list<string>  $elsewhere
     * @return list<Lesson>
     */
    private static function grouped(array $savings, Seat $seat, callable $elsewhere): array
    {
        usort($savings, Saving::compare(...));
        $groups = [];
        foreach ($savings as $saving) {
            $intent = $saving->doing->intent->id ?? $saving->id();
            $groups[implode(' ', [$intent, $seat->press($saving->binding->chord)->id, $saving->binding->gesture->value])][] = $saving;
        }

        return array_values(
            array_map(static function (array $group) use ($seat, $elsewhere): Lesson {
                $others = array_map(static fn (Saving $one): string => $one->doing->application->name, array_slice($group, 1));
                $names = array_values(array_unique([...$others, ...$elsewhere($group[0])]));

                return new Lesson(
                    $group,
                    Ease::of($group[0]->doing->command, $group[0]->binding, $names, $seat, $group[0]->kind === SavingKind::HardChord),
                );
            }, $groups),
        );
    }

    /**
     * The name of a chosen command that is learned with another: on the same key, or of one family of intents.
     *
     * @param  list<Lesson>  $chosen
     */
    private static function companion(Lesson $lesson, array $chosen): ?string
    {
        [$here] = $lesson->savings;
        foreach ($chosen as $one) {
            [$there] = $one->savings;
            $isSameKey = $here->binding->chord->key instanceof Key && $here->binding->chord->key === $there->binding->chord->key;
            $family = $here->doing->intent?->family;
            $isFamily = $family !== null && $family === $there->doing->intent?->family;
            if ($here->doing->application->id === $there->doing->application->id && ($isSameKey || $isFamily)) {
                return $there->doing->command->name;
            }
        }

        return null;
    }
}
