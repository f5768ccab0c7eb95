<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

/** How far a key of one layer is taken, seen from one context. */
enum KeyUse: string
{
    /** It does something with the focus in this context. */
    case Taken = 'taken';
    /** It does something, but only in other contexts. */
    case TakenElsewhere = 'taken-elsewhere';
    case Free = 'free';
}
