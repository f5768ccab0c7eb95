<?php

declare(strict_types=1);

namespace App\Preset;

use Zebrafinch\Core\Keymap\Bindings;

/** One side of a comparison. */
final readonly class ComparedSide
{
    /**
     * @param  string  $title  as people call it
     * @param  array<string, Bindings>  $keymaps  by application
     */
    public function __construct(public string $title, public array $keymaps)
    {
    }
}
