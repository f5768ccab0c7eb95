<?php

declare(strict_types=1);

/** One line of what was measured: a figure beside its aim, or a figure alone. `./zebrafinch bench` sums up those whose aim is missed. */
final readonly class Row implements Stringable
{
    private function __construct(private string $verdict, private string $text)
    {
    }

    /**
     * @param  string  $what  what was measured
     * @param  string  $measured  the figure, and what it is compared to in the same run
     * @param  string  $aim  in the words of the figure
     */
    public static function aimed(string $what, string $measured, string $aim, bool $isMet): self
    {
        return new self($isMet ? 'met' : 'missed', "{$what}: {$measured} (aim: {$aim})");
    }

    public static function told(string $text): self
    {
        return new self('', $text);
    }

    public function __toString(): string
    {
        return sprintf('  %-7s %s', $this->verdict, $this->text);
    }

    /**
     * The value below which this share of some times lies.
     *
     * @param  non-empty-list<float>  $times
     */
    public static function share(array $times, float $share): float
    {
        sort($times);

        return $times[min(count($times) - 1, (int) floor($share * count($times)))];
    }
}
