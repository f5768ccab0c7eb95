<?php

declare(strict_types=1);

namespace App\Keymap;

use Illuminate\Foundation\Events\Dispatchable;

/** Bindings of a kit have changed, or another of its keymaps is in use. */
final class KitChanged
{
    use Dispatchable;

    public function __construct(public readonly int $kitId)
    {
    }
}
