<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise\Solve;

/** Numbers that look like chance and are the same each time (Park and Miller's generator, CACM 31(10), 1988). */
final class Dice
{
    private const MODULUS = 2_147_483_647;

    /** @param  int  $state  from 1 to 2,147,483,646 */
    public function __construct(private int $state = 20_011)
    {
    }

    /** From 0 to one less than the number of sides. */
    public function roll(int $sides): int
    {
        return $this->next() % $sides;
    }

    /** Above 0 and below 1. */
    public function share(): float
    {
        return $this->next() / self::MODULUS;
    }

    private function next(): int
    {
        return $this->state = ($this->state * 16_807) % self::MODULUS;
    }
}
