<?php

declare(strict_types=1);

namespace App\Description;

/** How far an application of the house has come. */
enum ApplicationState: string
{
    case Draft = 'draft';
    /** Described and proven; a keeper is asked to confirm it. */
    case Proposed = 'proposed';
    case InUse = 'in-use';
    /** Not offered any more; what was made with it stays. */
    case PutAway = 'put-away';
}
