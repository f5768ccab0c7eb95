<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

/** What speaks against a chord for itself, whoever else has it. */
enum ObjectionKind
{
    /** The key file of the application has no words for it. */
    case Unsayable;
    case Reserved;
    /** Some keyboard in use lacks it, or makes it with other keys than it says. */
    case OutOfReach;
    /** It types a character where text is entered. */
    case Swallowed;
}
