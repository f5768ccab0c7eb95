<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Locator;
use Zebrafinch\Core\Dialect\Shape\Part;

/** The places in and around the parts of a group. */
final readonly class Slots
{
    private const MOST_NAMES = 60;

    /** @return list<Slot> in the parts themselves */
    public static function in(Group $group, string $text): array
    {
        $slots = [];
        $seen = [];
        self::add($slots, $group, new Locator(0, [], true), '', $text);
        self::add($slots, $group, new Locator(), '', $text);
        foreach ($group->parts as $part) {
            foreach (self::ways($part, []) as $way) {
                $seen[implode("\0", $way)] = $way;
            }
            // So many names are values themselves: this part holds others, and is no binding.
            if (count($seen) > self::MOST_NAMES) {
                return [];
            }
        }
        foreach ($seen as $way) {
            self::add($slots, $group, new Locator(0, $way), (string) end($way), $text);
            if (in_array(Locator::ONLY, $way, true) && end($way) === Locator::ONLY) {
                self::add($slots, $group, new Locator(0, $way, true), '', $text);
            }
        }

        return $slots;
    }

    /**
     * @param  list<string>  $before
     * @return list<list<string>>
     */
    private static function ways(Part $part, array $before): array
    {
        $ways = [];
        $isList = $part->parts !== [] && $part->parts[0]->name === null;
        $isOnly =
            count($part->parts) === 1 &&
            ! $isList &&
            $before === [] &&
            $part->name === null &&
            ! str_starts_with((string) $part->parts[0]->name, '@');
        foreach ($part->parts as $child) {
            $step = match (true) {
                $isList => Locator::EACH,
                default => (string) $child->name,
            };
            $ways[] = [...$before, $step];
            if ($isOnly) {
                $ways[] = [Locator::ONLY];
            }
            if (count($before) < 2) {
                $ways = [...$ways, ...self::ways($child, [...$before, $step])];
            }
        }

        return $ways;
    }

    /** @return list<Slot> in what stands around: names that vary, and what is said beside */
    public static function around(Group $group, string $text): array
    {
        $slots = [];
        $depth = count($group->path);
        for ($up = 1; $up < $depth; $up++) {
            if ($group->path[$depth - 1 - $up] === null) {
                self::add($slots, $group, new Locator($up, [], true), '', $text);
            }
            foreach (self::namesAround($group, $up) as $name) {
                self::add($slots, $group, new Locator($up, [$name]), $name, $text);
            }
        }

        return $slots;
    }

    /** @return list<string> names that stand in most of the parts around */
    private static function namesAround(Group $group, int $up): array
    {
        $names = [];
        $around = [];
        foreach ($group->holders as $holders) {
            $holder = $holders[count($holders) - $up] ?? null;
            if ($holder === null || isset($around[$holder->from])) {
                continue;
            }
            $around[$holder->from] = true;
            foreach ($holder->parts as $child) {
                if ($child->text !== null && $child->name !== null && $child->name !== $group->path[count($group->path) - $up]) {
                    $names[$child->name] = ($names[$child->name] ?? 0) + 1;
                }
            }
        }
        $most = array_filter($names, static fn (int $count): bool => $count > count($around) / 2);

        return count($around) < 2 ? [] : array_map(strval(...), array_keys($most));
    }

    public static function at(Group $group, Locator $locator, string $text): Slot
    {
        $found = [];
        foreach ($group->parts as $index => $part) {
            $found[] = $locator->find($part, $group->holders[$index], $text);
        }

        return new Slot($locator, '', $found);
    }

    /** @param  list<Slot>  $slots */
    private static function add(array &$slots, Group $group, Locator $locator, string $label, string $text): void
    {
        $found = [];
        $any = false;
        foreach ($group->parts as $index => $part) {
            $located = $locator->find($part, $group->holders[$index], $text);
            $any = $any || $located !== [];
            $found[] = $located;
        }
        if ($any) {
            $slots[] = new Slot($locator, $label, $found);
        }
    }
}
