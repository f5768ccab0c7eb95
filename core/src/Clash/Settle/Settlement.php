<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Keymap\Change;

/** A set of repairs that leaves no fault, and how good it is. */
final readonly class Settlement
{
    /**
     * @param  list<Repair>  $repairs  one for each press that has a fault
     * @param  float  $bound  no set that leaves no fault costs less
     */
    public function __construct(public array $repairs, public float $cost, public float $bound)
    {
    }

    public function isCheapest(): bool
    {
        return $this->cost <= $this->bound + 1e-9;
    }

    /** How good it is, in words. */
    public function sentence(): string
    {
        return match (true) {
            $this->repairs === [] => 'There is no fault to settle.',
            $this->isCheapest() => 'No other set of repairs that leaves no fault costs the hands less.',
            default => sprintf(
                'The cheapest set may cost up to %d %% less: the search was cut off.',
                (int) ceil((100 * ($this->cost - $this->bound)) / max($this->cost, 1e-9)),
            ),
        };
    }

    public function change(): Change
    {
        return array_reduce(
            $this->repairs,
            static fn (Change $all, Repair $one): Change => $all->removing(...$one->change->removed)->adding(...$one->change->added),
            Change::none(),
        );
    }
}
