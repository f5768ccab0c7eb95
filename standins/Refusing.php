<?php

declare(strict_types=1);

namespace Standins;

/** An application that takes a key file only as a whole, and says why it does not. */
interface Refusing
{
    /** @return string|null why it does not take the file; null when it does */
    public function refusal(string $bytes, string $system): ?string;
}
