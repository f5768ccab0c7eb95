<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** How an application names the keys of its chords. */
enum ChordStyle: string
{
    /** By where they sit: the same key on every layout. */
    case Position = 'position';
    /** By what they type: another key where the layout is another. */
    case Character = 'character';
}
