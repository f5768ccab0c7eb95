<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Keymap\Change;

/** A set of repairs that leaves no fault, and how good it is. */
final readonly class Settlement
{
    /**
     * @param  list<Repair>  $repairs  one for each group of presses that has one
     * @param  float  $bound  no set that leaves no fault costs less
     * @param  list<Clash>  $left  what was to go and is there all the same
     * @param  string  $what  what was to go: faults or clashes, in the singular
     */
    public function __construct(
        public array $repairs,
        public float $cost,
        public float $bound,
        public array $left = [],
        private string $what = 'fault',
    ) {
    }

    public function isCheapest(): bool
    {
        return $this->cost <= $this->bound + 1e-9;
    }

    /** How good it is, in words. */
    public function sentence(): string
    {
        $count = count($this->left);

        return match (true) {
            $count > 0 => ($count === 1 ? "One {$this->what} is" : "{$count} {$this->what}s are").
                ' left that no repair of its chord settles: '.
                $this->left[0]->sentence(),
            $this->repairs === [] => "There is no {$this->what} to settle.",
            $this->isCheapest() => "No other set of repairs that leaves no {$this->what} costs the hands less.",
            default => sprintf(
                'The cheapest set may cost up to %d %% less: the search was cut off.',
                (int) ceil((100 * ($this->cost - $this->bound)) / max($this->cost, 1e-9)),
            ),
        };
    }

    public function change(): Change
    {
        return self::changeOf($this->repairs);
    }

    /** @param  list<Repair>  $repairs */
    public static function changeOf(array $repairs): Change
    {
        return array_reduce(
            $repairs,
            static fn (Change $all, Repair $one): Change => $all->removing(...$one->change->removed)->adding(...$one->change->added),
            Change::none(),
        );
    }
}
