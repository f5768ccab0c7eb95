<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** How well a command fulfils an intent. */
enum Correspondence: string
{
    case Exact = 'exact';
    /** Comes with a sentence on how it differs. */
    case Near = 'near';
}
