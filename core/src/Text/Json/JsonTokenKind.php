<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Json;

enum JsonTokenKind
{
    case Object;
    case List;
    /** An object or a list ends. */
    case End;
    case Text;
    /** A number, true, false or null. */
    case Bare;
}
