<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Keyboard\Key;

/** How much one key is used in a week. */
final readonly class KeyHeat
{
    /**
     * @param  float  $presses  a week
     * @param  float  $travel  metres a week from the nearest finger's home and back
     */
    public function __construct(public Key $key, public float $presses, public float $travel)
    {
    }
}
