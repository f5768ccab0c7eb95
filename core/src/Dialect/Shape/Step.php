<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

/** What a walk through a key file comes upon. */
enum Step
{
    /** A part begins; its name is known, and what stands in its head. */
    case In;
    /** The part that began last ends; all of it is known. */
    case Out;
    /** Something that is no part of the form; its text says why. */
    case Stray;
}
