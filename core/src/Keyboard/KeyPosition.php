<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** A key where it sits on a board; all lengths in mm from the board's top left corner. */
final readonly class KeyPosition
{
    /** @param  float  $notch  width of the piece that an L-shaped key lacks at the left of its lower half; 0 for other keys */
    public function __construct(
        public Key $key,
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public float $notch = 0.0,
    ) {
    }

    /** Distance between the middles of two keys, in mm. */
    public function distanceTo(self $other): float
    {
        return hypot(
            $this->left + $this->width / 2 - $other->left - $other->width / 2,
            $this->top + $this->height / 2 - $other->top - $other->height / 2,
        );
    }
}
