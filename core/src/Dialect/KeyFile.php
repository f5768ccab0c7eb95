<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\FileOrder;
use Zebrafinch\Core\Text\Lines;

/** A key file as it was read: its text, and where in it each binding stands. */
final readonly class KeyFile
{
    /**
     * @param  Application  $application  whose it was read as
     * @param  string  $text  UTF-8, whatever the file is written in; all offsets are of it
     * @param  list<Entry>  $entries  in file order
     * @param  list<Finding>  $findings  in file order, as many as are told
     * @param  int  $untold  how many more there are
     * @param  array<string, int>  $insertAt  by context: the offset behind its last binding
     */
    public function __construct(
        public Application $application,
        public string $text,
        public array $entries,
        public array $findings,
        public int $untold,
        public array $insertAt,
    ) {
    }

    /** In file order, and after each change in that of the file that is then written. */
    public function bindings(): Bindings
    {
        return Bindings::of(...array_map(static fn (Entry $entry): Binding => $entry->binding, $this->entries))->inOrderOf(
            $this->order(...),
        );
    }

    public function order(): FileOrder
    {
        $starts = array_map(static fn (Entry $entry): int => $entry->at->from, $this->entries);
        $ends = $this->insertAt;
        asort($ends);
        $before = [];
        $count = 0;
        foreach ($ends as $context => $offset) {
            while ($count < count($starts) && $starts[$count] < $offset) {
                $count++;
            }
            $before[$context] = $count;
        }

        return FileOrder::of(Bindings::of(...array_map(static fn (Entry $entry): Binding => $entry->binding, $this->entries)), $before);
    }

    /** The line end that the file uses; a line feed where it has none. */
    public function lineEnd(): string
    {
        return Lines::end($this->text);
    }

    public function lineCount(): int
    {
        return Lines::count($this->text);
    }

    /** The line in which an entry has its chord, without blanks around it. */
    public function lineOf(Entry $entry): string
    {
        return trim(Lines::around($this->text, $entry->chordAt->from));
    }
}
