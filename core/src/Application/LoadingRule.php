<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** What the application does with a key file that has one chord and gesture twice in one context. */
enum LoadingRule: string
{
    case RefuseFile = 'refuse-file';
    case FirstLineWins = 'first-line-wins';
    case LastLineWins = 'last-line-wins';
}
