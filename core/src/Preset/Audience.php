<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

/** Who sees a preset. */
enum Audience: string
{
    case Mine = 'mine';
    /** Its owner and people whom they have named. */
    case People = 'people';
    /** Everybody; the suite keepers make its releases. */
    case House = 'house';
}
