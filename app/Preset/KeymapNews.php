<?php

declare(strict_types=1);

namespace App\Preset;

use App\Keymap\CurrentKeymap;
use Zebrafinch\Core\Preset\TakingIn;

/** What is new for one keymap. */
final readonly class KeymapNews
{
    public function __construct(public CurrentKeymap $current, public TakingIn $taking)
    {
    }
}
