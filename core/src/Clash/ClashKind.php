<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keymap\LoadedKeymap;

/** One way in which bindings get in each other's way. A new kind is one class here and one line in {@see Docket::standard()}. */
interface ClashKind
{
    /** In kebab-case; part of the identity of its clashes. */
    public function name(): string;

    /** @return list<Clash> */
    public function find(LoadedKeymap $keymap): array;
}
