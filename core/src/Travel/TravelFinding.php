<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Travel;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Reach\Reach;
use Zebrafinch\Core\Remap\FreeChord;

/** A binding that another keyboard loses or moves. */
final readonly class TravelFinding
{
    /** @param  FreeChord|null  $replacement  the best chord that the other keyboard has free for it; null where there is none, or nothing is lost */
    public function __construct(public Binding $binding, public Reach $reach, public ?FreeChord $replacement)
    {
    }

    public function isLost(): bool
    {
        return ! $this->reach->kind->arrives();
    }
}
