<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Dialect\Shape\Shape;
use Zebrafinch\Core\Dialect\Shape\Step;

/** Sorts the parts of a file by where they stand, and tells names that are always the same from those that say something. */
final readonly class Groups
{
    private const DEEPEST = 8;

    /**
     * @param  int  $most  parts of one group that are looked at
     * @return array{list<Group>, int} with the number of strays
     *
     * @throws \Zebrafinch\Core\Text\MalformedText|\Zebrafinch\Core\Dialect\Shape\UnexpectedForm
     */
    public static function of(Shape $shape, string $kind, string $text, int $most): array
    {
        $open = [];
        $roots = [];
        $strays = 0;
        foreach ($shape->walk($text) as $step => $part) {
            if ($step === Step::Stray) {
                $strays++;
            } elseif ($step === Step::In) {
                $open[] = $part;
            } else {
                array_pop($open);
                $holder = $open[count($open) - 1] ?? null;
                if ($holder === null) {
                    $roots[] = $part;
                } else {
                    $holder->parts[] = $part;
                }
            }
        }
        $groups = [];
        self::gather($roots === [] ? [] : [$roots], array_fill(0, $roots === [] ? 0 : 1, []), [], $kind, $most, $groups);

        return [$groups, $strays];
    }

    /**
     * @param  list<list<Part>>  $sets  what stands together, for each part around
     * @param  list<list<Part>>  $holders  for each set
     * @param  list<string|null>  $path
     * @param  list<Group>  $groups
     */
    private static function gather(array $sets, array $holders, array $path, string $kind, int $most, array &$groups): void
    {
        if (count($path) > self::DEEPEST) {
            return;
        }
        $isNamed = self::isRecord($sets, $kind);
        $byName = [];
        foreach ($sets as $index => $set) {
            foreach ($set as $part) {
                if (! str_starts_with((string) $part->name, '@')) {
                    $byName[$isNamed ? (string) $part->name : ''][] = [$part, $holders[$index]];
                }
            }
        }
        foreach ($byName as $name => $members) {
            $own = [...$path, $isNamed && $members[0][0]->name !== null ? (string) $name : null];
            $parts = array_column($members, 0);
            $around = array_column($members, 1);
            $groups[] = new Group($own, array_slice($parts, 0, $most), array_slice($around, 0, $most), count($parts));
            $inner = [];
            $innerHolders = [];
            foreach ($parts as $index => $part) {
                if ($part->parts !== []) {
                    $inner[] = $part->parts;
                    $innerHolders[] = [...$around[$index], $part];
                }
            }
            if ($inner !== [] && $kind !== 'table' && $kind !== 'calls') {
                self::gather($inner, $innerHolders, $own, $kind, $most, $groups);
            }
        }
    }

    /**
     * Whether names say which part it is, as those of a record do; else they are values themselves.
     *
     * @param  list<list<Part>>  $sets
     */
    private static function isRecord(array $sets, string $kind): bool
    {
        if ($kind === 'lines' || $kind === 'table') {
            return false;
        }
        $names = [];
        $total = 0;
        foreach ($sets as $set) {
            foreach ($set as $part) {
                if ($part->name === null) {
                    return false;
                }
                if (! str_starts_with($part->name, '@')) {
                    $names[$part->name] = ($names[$part->name] ?? 0) + 1;
                    $total++;
                }
            }
        }
        if ($kind !== 'members') {
            return count($names) <= 8 || $total > count($names) * 2;
        }
        if (count($sets) > 1) {
            return $total / max(1, count($names)) >= max(1.5, count($sets) * 0.5);
        }
        $withParts = count(array_filter($sets[0] ?? [], static fn (Part $one): bool => $one->text === null));

        return count($names) < 2 || ($withParts > 0 && $withParts < $total) || ($withParts === 0 && count($names) < 3);
    }
}
