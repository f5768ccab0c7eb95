<?php

declare(strict_types=1);

namespace App\Problems;

/** A refusal that is answered with another HTTP status than 422. */
interface HasStatus
{
    public function status(): int;
}
