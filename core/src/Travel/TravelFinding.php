<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Travel;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\Offer;
use Zebrafinch\Core\Reach\Reach;

/** A binding that another keyboard loses or moves. */
final readonly class TravelFinding
{
    /**
     * @param  Offer|null  $replacement  the best chord that the other keyboard has free for it; null where there is none, or nothing is
     *     lost
     */
    public function __construct(public Binding $binding, public Reach $reach, public ?Offer $replacement)
    {
    }

    public function isLost(): bool
    {
        return ! $this->reach->kind->arrives();
    }
}
