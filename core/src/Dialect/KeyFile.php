<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\FileOrder;
use Zebrafinch\Core\Text\Lines;

/** A key file as it was read: its bytes, and where in them each binding stands. */
final readonly class KeyFile
{
    /**
     * @param  list<Entry>  $entries  in file order
     * @param  list<Finding>  $findings  in file order
     * @param  array<string, int>  $insertAt  by context: the byte offset behind its last binding
     * @param  int  $insertElse  the byte offset for contexts that the file does not have yet
     */
    public function __construct(
        public string $bytes,
        public array $entries,
        public array $findings,
        public array $insertAt,
        public int $insertElse,
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
        $before = fn (int $offset): int => count(
            array_filter($this->entries, static fn (Entry $entry): bool => $entry->at->from < $offset),
        );

        $ends = $this->insertAt;
        asort($ends);

        return FileOrder::of(
            Bindings::of(...array_map(static fn (Entry $entry): Binding => $entry->binding, $this->entries)),
            array_map($before, $ends),
        );
    }

    /** The line end that the file uses; a line feed where it has none. */
    public function lineEnd(): string
    {
        return preg_match('/\r\n|\n|\r/', $this->bytes, $found) === 1 ? $found[0] : "\n";
    }

    public function lineCount(): int
    {
        return Lines::count($this->bytes);
    }

    /** The text of one line, without its end. */
    public function line(int $number): string
    {
        return Lines::text($this->bytes, $number);
    }
}
