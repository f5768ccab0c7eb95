<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Harmonise\Solve\Answer;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/** A kit with the best common chords that were found. */
final readonly class Harmonised
{
    /**
     * @param  list<Line>  $lines  what changes, the most used first
     * @param  list<Target>  $left  what was not moved, and says why
     */
    public function __construct(public KitInstance $kit, public Answer $answer, public array $lines, public array $left)
    {
    }

    /** @return array<string, Change> what is done to each keymap, by application; without those that stay as they are */
    public function changes(): array
    {
        $changes = [];
        foreach ($this->lines as $line) {
            $id = $line->target->keymap->application->id;
            $changes[$id][] = $line;
        }

        return array_map(self::change(...), $changes);
    }

    /**
     * The first chord goes and the new one comes before the command's other chords.
     *
     * @param  list<Line>  $lines  of one application
     */
    private static function change(array $lines): Change
    {
        $removed = [];
        $added = [];
        $gone = [];
        foreach ($lines as $line) {
            foreach ($line->displaced as $binding) {
                $gone[$binding->id()] = true;
                $removed[$binding->id()] = $binding;
            }
        }
        foreach ($lines as $line) {
            $new = $line->added();
            $now = $line->target->now;
            $further = array_values(array_filter($line->target->further, static fn (Binding $one): bool => ! isset($gone[$one->id()])));
            foreach ([...$now === null ? [] : [$now], ...$new === null ? [] : $further] as $binding) {
                $removed[$binding->id()] = $binding;
            }
            if ($new !== null) {
                array_push($added, $new, ...array_filter($further, static fn (Binding $one): bool => $one->id() !== $new->id()));
            }
        }

        $ids = array_count_values($lines === [] ? [] : $lines[0]->target->keymap->bindings()->ids());
        // A file can say the same thing twice; then both lines go.
        $all = array_merge(
            ...array_map(static fn (Binding $one): array => array_fill(0, $ids[$one->id()] ?? 1, $one), array_values($removed)),
        );

        return Change::none()
            ->removing(...$all)
            ->adding(...array_combine(array_map(static fn (Binding $one): string => $one->id(), $added), $added));
    }
}
