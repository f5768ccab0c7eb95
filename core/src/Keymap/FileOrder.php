<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/**
 * The order of one key file: where bindings stand in it after some of its lines have gone and others have come. Whoever reads, changes or
 * writes a keymap of that file asks here, so that model and file cannot disagree about which of two lines comes later.
 */
final readonly class FileOrder
{
    /** @param  array<string, int>  $ends  by context, those that bind something first: the number of lines before what comes to it */
    private function __construct(private Bindings $lines, private array $ends)
    {
    }

    /**
     * @param  Bindings  $lines  those of the file
     * @param  array<string, int>  $empty  for contexts that the file has and that bind nothing yet, in file order: the number of lines
     *     before them
     */
    public static function of(Bindings $lines, array $empty = []): self
    {
        $ends = [];
        foreach ($lines->all() as $index => $line) {
            $ends[$line->context] = $index + 1;
        }

        return new self($lines, $ends + $empty);
    }

    /**
     * What becomes of each line so that the file says the wanted bindings: it stays, goes, or has another chord written over its own, which
     * the first line of the same command, context and gesture does that would go otherwise. Of equal lines the last goes first.
     */
    public function placed(Bindings $wanted): Placement
    {
        $left = array_count_values($wanted->ids());
        $gone = [];
        $free = [];
        $staying = [];
        foreach ($this->lines->all() as $index => $line) {
            $id = $line->id();
            if (($left[$id] ?? 0) > 0) {
                $left[$id]--;
                $staying[$id] = ($staying[$id] ?? 0) + 1;
            } else {
                $gone[$index] = true;
                $free[self::slot($line)][] = $index;
            }
        }
        $over = [];
        $come = [];
        foreach ($wanted->all() as $binding) {
            $id = $binding->id();
            if (($staying[$id] ?? 0) > 0) {
                $staying[$id]--;

                continue;
            }
            $slot = self::slot($binding);
            $index = isset($free[$slot]) ? array_shift($free[$slot]) : null;
            if ($index === null) {
                $come[$binding->context][] = $binding;
            } else {
                $over[$index] = $binding;
                unset($gone[$index]);
            }
        }

        return new Placement(array_keys($gone), $over, $come);
    }

    /** The wanted bindings as the file lists them; what is in that order already stays so. */
    public function sorted(Bindings $wanted): Bindings
    {
        $placed = $this->placed($wanted);
        $gone = array_fill_keys($placed->gone, true);
        $before = [];
        foreach (array_intersect_key($this->ends, $placed->come) as $context => $end) {
            $before[$end] = [...$before[$end] ?? [], ...$placed->come[$context]];
        }
        $new = array_merge(...array_values(array_diff_key($placed->come, $this->ends)));
        $sorted = $before[0] ?? [];
        foreach ($this->lines->all() as $index => $line) {
            if (! isset($gone[$index])) {
                $sorted[] = $placed->over[$index] ?? $line;
            }
            array_push($sorted, ...$before[$index + 1] ?? []);
        }

        return Bindings::of(...$sorted, ...$new)->inOrderOf(fn (): self => $this);
    }

    private static function slot(Binding $binding): string
    {
        return "{$binding->context} {$binding->gesture->value} {$binding->command}";
    }
}
