<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Closure;
use Zebrafinch\Core\Dialect\Locator;

/** Which of the places of a group say what runs, in which context, and what it is called. */
final readonly class RoleGuess
{
    private const GESTURES = [
        'tap' => 'tap',
        'press' => 'tap',
        'click' => 'tap',
        'short' => 'tap',
        'down' => 'tap',
        'hold' => 'hold',
        'held' => 'hold',
        'long' => 'hold',
        'keep' => 'hold',
    ];

    /**
     * @param  list<Slot>  $slots
     * @param  list<Slot>  $used
     */
    public static function command(array $slots, array $used): ?Slot
    {
        $best = null;
        $most = 0.0;
        foreach ($slots as $slot) {
            $texts = $slot->texts();
            if (in_array($slot, $used, true) || $slot->share() < 0.9 || $slot->isList() || $texts === []) {
                continue;
            }
            $wordy = count(array_filter($texts, static fn (string $one): bool => preg_match('/\p{L}{2}/u', $one) === 1)) / count($texts);
            $score =
                $slot->distinct() / count($texts) +
                Role::Command->isSaidBy($slot->label) +
                $wordy -
                ($slot->locator->isOwnName() && $slot->distinct() < 3 ? 1 : 0);
            if ($wordy > 0.5 && $slot->distinct() > 1 && $score > $most) {
                [$best, $most] = [$slot, $score];
            }
        }

        return $best;
    }

    /**
     * @param  list<Slot>  $in
     * @param  list<Slot>  $around
     * @param  list<Slot>  $used
     * @param  Closure(Locator): Slot  $at  what stands at a place
     */
    public static function context(array $in, array $around, array $used, ?Slot $command, Closure $at): ?Slot
    {
        $best = null;
        $most = 0.35;
        foreach ([...$around, ...$in] as $slot) {
            $texts = $slot->texts();
            $distinct = $slot->distinct();
            if (in_array($slot, $used, true) || $slot === $command || $slot->isList() || $slot->share() < 0.9 || count($texts) < 4) {
                continue;
            }
            if ($distinct > max(2, min(120, count($texts) / 2)) || ($distinct < 2 && $slot->locator->up === 0)) {
                continue;
            }
            $wordy = count(array_filter($texts, static fn (string $one): bool => preg_match('/\p{L}{2}/u', $one) === 1)) / count($texts);
            $score =
                Role::Context->isSaidBy($slot->label) +
                ($slot->locator->up > 0 && $slot->locator->isName ? 1.2 : 0) +
                ($slot->locator->up > 0 ? 0.3 : 0) +
                ($distinct > 1 && $distinct <= count($texts) / 3 ? 0.4 : 0) -
                ($wordy < 0.9 ? 1 : 0);
            if ($score > $most) {
                [$best, $most] = [$slot, $score];
            }
        }

        return $best ?? self::inCommand($command, $at);
    }

    /**
     * A context before the first sign of the command: panel.split.
     *
     * @param  Closure(Locator): Slot  $at
     */
    private static function inCommand(?Slot $command, Closure $at): ?Slot
    {
        if ($command === null) {
            return null;
        }
        $texts = $command->texts();
        foreach (['.', '/', '::', ':', '>'] as $sign) {
            $with = array_filter($texts, static fn (string $one): bool => (int) strpos($one, $sign) > 0);
            $before = array_unique(array_map(static fn (string $one): string => (string) strstr($one, $sign, true), $with));
            if (count($with) === count($texts) && count($before) > 1 && count($before) <= count($texts) / 3) {
                return $at(new Locator($command->locator->up, $command->locator->in, $command->locator->isName, $sign));
            }
        }

        return null;
    }

    /**
     * @param  list<Slot>  $slots
     * @param  list<Slot>  $used
     */
    public static function title(array $slots, array $used): ?Slot
    {
        $best = null;
        $most = 0.3;
        foreach ($slots as $slot) {
            $score = Role::Title->isSaidBy($slot->label);
            if (
                ! in_array($slot, $used, true) &&
                ! $slot->isList() &&
                $slot->share() > 0.6 &&
                $slot->distinct() > count($slot->texts()) / 2 &&
                $score > $most
            ) {
                [$best, $most] = [$slot, $score];
            }
        }

        return $best;
    }

    /**
     * @param  list<Slot>  $slots
     * @param  list<Slot>  $used
     * @return array{Slot, string, string}|null with the words for a tap and for a hold
     */
    public static function gesture(array $slots, array $used): ?array
    {
        foreach ($slots as $slot) {
            $words = array_unique($slot->texts());
            $known = array_map(static fn (string $one): ?string => self::GESTURES[mb_strtolower($one)] ?? null, $words);
            if (in_array($slot, $used, true) || $words === [] || in_array(null, $known, true) || ! in_array('hold', $known, true)) {
                continue;
            }
            $of = array_combine(array_map(strval(...), $known), $words);

            return [$slot, $of['tap'] ?? 'tap', $of['hold']];
        }

        return null;
    }
}
