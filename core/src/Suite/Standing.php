<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** How a key file in a suite stands against what was last handed over. */
enum Standing: string
{
    case InStep = 'in-step';
    /** The file is an earlier release than the newest of its preset, or than the one on its way. */
    case Behind = 'behind';
    /** Somebody edited the file at the workstation since it was written. */
    case ChangedByHand = 'changed-by-hand';
    /** Nothing was ever handed over for this application. */
    case NeverHandedOver = 'never-handed-over';
}
