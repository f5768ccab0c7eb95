<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Export;

/** By what a list of chords is put together. */
enum Grouping: string
{
    case Context = 'context';
    case Menu = 'menu';
    /** The layers of the board, and in each its keys from left to right. */
    case Key = 'key';
}
