<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** Which of two active contexts is asked first. */
enum Precedence: string
{
    case DeeperFirst = 'deeper-first';
    case EverywhereFirst = 'everywhere-first';
}
