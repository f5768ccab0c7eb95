<?php

declare(strict_types=1);

namespace App\Keymap;

use Zebrafinch\Core\Keyboard\Seat;

/** On what a write was decided. */
final readonly class WriteTerms
{
    private function __construct(public int $version, public ?Seat $seat, public bool $isWayBack = false)
    {
    }

    /**
     * Nothing that raises a fault there is written.
     *
     * @param  int  $version  of the keymap that was looked at
     * @param  Seat  $seat  where it was looked at
     */
    public static function at(int $version, Seat $seat): self
    {
        return new self($version, $seat);
    }

    /** The same for undoing, redoing and reverting, of which nobody has seen the consequences: no clash that was not there is written. */
    public static function wayBack(int $version, Seat $seat): self
    {
        return new self($version, $seat, true);
    }

    /** Whoever decided it knows the clashes that come of it, or there can be none. */
    public static function whatever(int $version): self
    {
        return new self($version, null);
    }
}
