<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Text\TextEdit;

/**
 * Writes bindings into a key file that was read. Lines of bindings that stay are not touched, a new chord is
 * written over the old one, and without any difference the same bytes come out.
 */
final readonly class KeyFileWriter
{
    public function __construct(private Dialect $dialect)
    {
    }

    public function write(KeyFile $file, Bindings $wanted): string
    {
        $change = Change::between($file->bindings(), $wanted);
        $removed = $this->entriesOf($file, $change->removed);
        $edits = [];
        $added = [];
        foreach ($change->added as $binding) {
            $index = $this->indexOfOldChord($removed, $binding);
            if ($index === null) {
                $added[$binding->context][] = $binding;

                continue;
            }
            $edits[] = new TextEdit($removed[$index]->chordAt, $this->dialect->spell($binding));
            unset($removed[$index]);
        }

        return $this->apply($file->bytes, [...$edits, ...$this->dialect->edits($file, array_values($removed), $added)]);
    }

    /**
     * The file without some of its lines.
     *
     * @param  list<Entry>  $removed  of this file
     */
    public function without(KeyFile $file, array $removed): string
    {
        return $this->apply($file->bytes, $this->dialect->edits($file, $removed, []));
    }

    /**
     * @param  list<Binding>  $bindings
     * @return array<int, Entry> of equal ones the last in the file first
     */
    private function entriesOf(KeyFile $file, array $bindings): array
    {
        $wanted = array_count_values(Bindings::of(...$bindings)->ids());
        $found = [];
        foreach (array_reverse($file->entries, true) as $index => $entry) {
            $id = $entry->binding->id();
            if (($wanted[$id] ?? 0) > 0) {
                $wanted[$id]--;
                $found[$index] = $entry;
            }
        }

        return $found;
    }

    /** @param  array<int, Entry>  $removed */
    private function indexOfOldChord(array $removed, Binding $added): ?int
    {
        foreach ($removed as $index => $entry) {
            $old = $entry->binding;
            if ($old->command === $added->command && $old->context === $added->context && $old->gesture === $added->gesture) {
                return $index;
            }
        }

        return null;
    }

    /**
     * @param  list<TextEdit>  $edits  from the last to the first they leave each other's offsets alone; what is inserted where something
     *     goes comes after it
     */
    private function apply(string $bytes, array $edits): string
    {
        $edits = array_reverse($edits);
        usort(
            $edits,
            static fn (TextEdit $one, TextEdit $other): int => [$other->at->from, $other->at->to] <=> [$one->at->from, $one->at->to],
        );
        foreach ($edits as $edit) {
            $bytes = substr_replace($bytes, $edit->text, $edit->at->from, $edit->at->to - $edit->at->from);
        }

        return $bytes;
    }
}
