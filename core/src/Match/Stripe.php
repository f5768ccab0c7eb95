<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match;

use Zebrafinch\Core\Intent\Intent;

/** One intent across the chosen applications, in their order. */
final readonly class Stripe
{
    /**
     * @param  non-empty-list<StripeCell>  $cells  one for each application
     * @param  float|null  $agreement  share of application pairs with the same first chord, from 0 to 1; null with fewer than two that have the command
     * @param  float  $weight  how much it counts; see {@see \Zebrafinch\Core\Usage\Importance}
     */
    public function __construct(
        public Intent $intent,
        public array $cells,
        public StripeState $state,
        public ?float $agreement,
        public float $weight,
    ) {
    }
}
