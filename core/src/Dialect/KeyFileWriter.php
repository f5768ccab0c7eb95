<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Bindings;

/**
 * Writes bindings into a key file that was read. Lines of bindings that stay are not touched, a new chord is
 * written over the old one, and without any difference the same bytes come out.
 */
final readonly class KeyFileWriter
{
    public function __construct(private Dialect $dialect)
    {
    }

    /** @throws \Zebrafinch\Core\Keyboard\UnreadableChord when the file cannot say it */
    public function write(KeyFile $file, Bindings $wanted): string
    {
        $placed = $file->order()->placed($wanted);
        $changed = [];
        foreach ($placed->over as $index => $binding) {
            $changed[] = [$file->entries[$index], $binding];
        }
        $removed = array_map(static fn (int $index): Entry => $file->entries[$index], $placed->gone);
        $edits = $this->dialect->edits($file, $changed, array_values($removed), $placed->come);

        return $this->dialect->bytes(TextEdits::apply($file->text, $edits));
    }

    /**
     * The file without some of its bindings.
     *
     * @param  list<Entry>  $removed  of this file
     */
    public function without(KeyFile $file, array $removed): string
    {
        return $this->dialect->bytes(TextEdits::apply($file->text, $this->dialect->edits($file, [], $removed, [])));
    }
}
