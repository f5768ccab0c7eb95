<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Bindings;
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
        $placed = $file->order()->placed($wanted);
        $edits = [];
        foreach ($placed->over as $index => $binding) {
            $edits[] = new TextEdit($file->entries[$index]->chordAt, $this->dialect->spell($binding));
        }
        $removed = array_map(static fn (int $index): Entry => $file->entries[$index], $placed->gone);

        return $this->apply($file->bytes, [...$edits, ...$this->dialect->edits($file, $removed, $placed->come)]);
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
