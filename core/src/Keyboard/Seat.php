<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** The keyboard somebody sits at: its board, its layout, and the system it is plugged into. */
final readonly class Seat
{
    public function __construct(public Board $board, public Layout $layout, public System $system)
    {
    }

    public function printer(): ChordPrinter
    {
        return new ChordPrinter($this->layout, $this->system);
    }
}
