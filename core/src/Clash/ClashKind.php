<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/**
 * One way in which bindings get in each other's way. A new kind is one class in Kind/ and one line in {@see Docket::standard()}.
 * Whatever clashes shares a press, so a kind is asked press by press.
 */
interface ClashKind
{
    /** In kebab-case; part of the identity of its clashes. */
    public function name(): string;

    /**
     * @param  string  $press  as {@see LoadedKeymap::presses()} names it
     * @param  non-empty-list<Binding>  $bindings  all that the press is bound to, in file order
     * @return list<Clash>
     */
    public function find(LoadedKeymap $keymap, string $press, array $bindings): array;
}
