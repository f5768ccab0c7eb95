<?php

declare(strict_types=1);

/** Times two pieces of work in turns within one run, so that whatever else the machine does falls on both. */
final readonly class SideBySide
{
    /**
     * @param  float  $subject  median of one call, in ms
     * @param  float  $yardstick  median of one call, in ms
     */
    private function __construct(public float $subject, public float $yardstick)
    {
    }

    /**
     * @param  callable(): mixed  $subject
     * @param  callable(): mixed  $yardstick
     */
    public static function of(callable $subject, callable $yardstick, int $rounds = 15): self
    {
        $times = [[], []];
        for ($round = -2; $round < $rounds; $round++) {
            foreach ([$subject, $yardstick] as $index => $work) {
                $start = hrtime(true);
                $work();
                // The first two rounds only warm up.
                if ($round >= 0) {
                    $times[$index][] = (hrtime(true) - $start) / 1e6;
                }
            }
        }

        return new self(self::median($times[0]), self::median($times[1]));
    }

    public function ratio(): float
    {
        return $this->subject / $this->yardstick;
    }

    /** @param  list<float>  $times */
    private static function median(array $times): float
    {
        sort($times);

        return $times[intdiv(count($times), 2)];
    }
}
