<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** How often somebody wants it while working; the weight of an intent where no usage log tells better. */
enum Frequency: string
{
    case Constant = 'constant';
    case Often = 'often';
    case Sometimes = 'sometimes';
    case Seldom = 'seldom';

    /** Uses in an hour, in the order of magnitude; common practice, no source. */
    public function weight(): float
    {
        return match ($this) {
            self::Constant => 64.0,
            self::Often => 16.0,
            self::Sometimes => 4.0,
            self::Seldom => 1.0,
        };
    }
}
