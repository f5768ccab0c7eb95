<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keymap\Binding;

/** Bindings of one application that get in each other's way. */
final readonly class Clash
{
    /**
     * @param  string  $kind  the name of its {@see ClashKind}
     * @param  non-empty-list<Binding>  $bindings  all that take part; for a shadow the hiding one first
     * @param  list<Binding>  $losing  those of them that do not get the chord, or may not
     * @param  string  $sentence  what happens, in the words of somebody at the keyboard
     */
    public function __construct(
        public string $kind,
        public Grade $grade,
        public array $bindings,
        public array $losing,
        public string $sentence,
    ) {
    }

    /** Stays the same until one of its bindings changes, whatever else changes around it. */
    public function id(): string
    {
        $ids = array_map(static fn (Binding $binding): string => $binding->id(), $this->bindings);
        sort($ids);

        return $this->kind.'-'.substr(hash('sha256', implode("\n", $ids)), 0, 16);
    }
}
