<?php

declare(strict_types=1);

namespace App\Problems;

/** A refusal that tells more than text. */
interface HasExtension
{
    /** @return array<string, mixed> further members of the problem (RFC 9457, 3.2) */
    public function extension(): array;
}
