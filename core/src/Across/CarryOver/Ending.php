<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across\CarryOver;

/** How it ends for one binding that is to be carried over. */
enum Ending: string
{
    case Carried = 'carried';
    /** Carried, but the command behaves differently there. */
    case Differs = 'differs';
    case NothingToCarryTo = 'nothing-to-carry-to';
    /** It can be carried if something else gives up its chord. */
    case Displaces = 'displaces';
    case OutOfReach = 'out-of-reach';
    case Reserved = 'reserved';
}
