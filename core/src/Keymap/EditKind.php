<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/** Whose step it was. */
enum EditKind: string
{
    /** Made on the keymap itself; can be undone. */
    case Own = 'own';
    /** Made on the keymap that it follows, and taken in; goes with the keymap that it was made on. */
    case Followed = 'followed';
}
