<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Reach;

use Zebrafinch\Core\Keyboard\Seat;

/** One judge for the seat that is asked about, the same one as long as the seat stays the same. */
final class SeatJudges
{
    private ?ReachJudge $judge = null;

    private ?Seat $seat = null;

    public function __construct(private readonly ReservedChords $reserved)
    {
    }

    public function at(Seat $seat): ReachJudge
    {
        if ($this->judge === null || $this->seat !== $seat) {
            [$this->judge, $this->seat] = [new ReachJudge($seat, $this->reserved), $seat];
        }

        return $this->judge;
    }
}
