<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

/** Who takes a reserved chord. */
enum ReservedBy: string
{
    case System = 'system';
    /** Withheld from pages in a browser alone; other applications get it. */
    case Browser = 'browser';
}
