<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keymap\Binding;

/** A key file in which one line has its chord to itself: a chord is free only when every other line with it is gone. */
final readonly class FreedLine
{
    /** @param  list<Entry>  $removed  the lines that went, in file order */
    private function __construct(public string $bytes, public array $removed)
    {
    }

    /**
     * @param  int  $line  counted from 1
     * @return self|null null when no binding stands in the line
     */
    public static function in(KeyFile $file, int $line, Dialect $dialect): ?self
    {
        $staying = array_values(array_filter($file->entries, static fn (Entry $entry): bool => $entry->line === $line))[0] ?? null;
        if ($staying === null) {
            return null;
        }
        $claim = self::claim($staying->binding);
        $removed = array_values(
            array_filter($file->entries, static fn (Entry $entry): bool => $entry !== $staying && self::claim($entry->binding) === $claim),
        );

        return new self((new KeyFileWriter($dialect))->without($file, $removed), $removed);
    }

    private static function claim(Binding $binding): string
    {
        return "{$binding->context} {$binding->chord->id()} {$binding->gesture->value}";
    }
}
