<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

enum FindingKind: string
{
    /** The application refuses the whole file because of this line. */
    case Refused = 'refused';
    /** The line is never obeyed: another one has its chord. */
    case Dead = 'dead';
    /** The line could not be read; it stays in the file as it is. */
    case NotUnderstood = 'not-understood';
    /** Read as a binding, but the catalogue has no such command. */
    case UnknownCommand = 'unknown-command';
    /** Something on the line was not understood; it stays in the file, and the binding was read. */
    case Preserved = 'preserved';
}
