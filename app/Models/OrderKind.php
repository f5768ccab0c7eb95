<?php

declare(strict_types=1);

namespace App\Models;

enum OrderKind: string
{
    /** Write the key files of a release. */
    case Install = 'install';
    /** Put a copy back that was made when a file was overwritten. */
    case PutBack = 'put-back';
    /** Press a chord in a stand-in application and say what happened. */
    case Press = 'press';
}
