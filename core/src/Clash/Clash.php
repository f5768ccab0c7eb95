<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Closure;
use Zebrafinch\Core\Keymap\Binding;

/** Bindings of one application that get in each other's way. */
final class Clash
{
    private ?string $id = null;

    /**
     * @param  non-empty-list<Binding>  $bindings  all that take part; for a shadow the hiding one first
     * @param  list<Binding>  $losing  those of them that do not get the chord, or may not
     * @param  Closure(): string  $sentence  tells what happens, in the words of somebody at the keyboard; asked only for clashes that are
     *     shown
     */
    public function __construct(
        public readonly ClashKind $kind,
        public readonly Grade $grade,
        public readonly array $bindings,
        public readonly array $losing,
        private readonly Closure $sentence,
    ) {
    }

    /** Stays the same until one of its bindings changes, whatever else changes around it. */
    public function id(): string
    {
        if ($this->id === null) {
            $ids = array_map(static fn (Binding $binding): string => $binding->id(), $this->bindings);
            sort($ids);
            $this->id = $this->kind->name().'-'.substr(hash('xxh128', implode("\n", $ids)), 0, 16);
        }

        return $this->id;
    }

    public function sentence(): string
    {
        return ($this->sentence)();
    }
}
