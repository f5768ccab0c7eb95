<?php

declare(strict_types=1);

namespace App\Preset;

/** Who signed an archive. */
enum Signer: string
{
    case ThisHouse = 'this-house';
    case AnotherHouse = 'another-house';
    case Nobody = 'nobody';
    /** There is a signature, and it is not of this archive. */
    case Forged = 'forged';
}
