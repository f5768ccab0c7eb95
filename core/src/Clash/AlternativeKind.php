<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

enum AlternativeKind
{
    /** Another chord. */
    case Move;
    /** The same chord in fewer contexts. */
    case Narrow;
    /** The same chord tapped instead of held, or the other way round. */
    case Gesture;
    /** A menu title that is there. */
    case Title;
}
