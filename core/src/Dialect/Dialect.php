<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\TextEdit;

/**
 * How one application's key file is written. A new dialect is one folder beside this file and one line in
 * {@see BuiltInDialects}.
 */
interface Dialect
{
    /** As the catalogue names it. */
    public function id(): string;

    /** The file name that the application looks for. */
    public function fileName(): string;

    /**
     * Reads without loss: all bytes stay in the result, understood or not.
     *
     * @throws UnreadableKeyFile when the bytes are not in this dialect at all
     */
    public function read(string $bytes, Application $application): KeyFile;

    /** A key file of this application without any binding. */
    public function blank(Application $application): string;

    /**
     * The text of the chord as it stands in the file, for {@see Entry::$chordAt}.
     *
     * @throws \Zebrafinch\Core\Keyboard\UnreadableChord when this dialect cannot say it
     */
    public function spell(Binding $binding): string;

    /**
     * What is to be written where, so that some bindings go and others come, in the style of the file. The edits do not overlap.
     *
     * @param  list<Entry>  $removed
     * @param  array<string, non-empty-list<Binding>>  $added  by context
     * @return list<TextEdit>
     */
    public function edits(KeyFile $file, array $removed, array $added): array;
}
