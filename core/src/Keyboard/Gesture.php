<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** How a chord is pressed: `hold` lasts while the key is down, then the previous state returns. */
enum Gesture: string
{
    case Tap = 'tap';
    case Hold = 'hold';
}
