<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** A property of a command that decides how it may be bound. */
enum CommandTrait: string
{
    case Repeats = 'repeats';
    case CanBeHeld = 'can-be-held';
    case Destructive = 'destructive';
    case MenuOnly = 'menu-only';
}
