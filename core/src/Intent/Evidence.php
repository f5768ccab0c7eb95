<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

/** Where it is known from that some words stand for an intent. */
enum Evidence
{
    case Name;
    case Synonym;
    case CalledSo;
    case ExplainedSo;

    public function worth(): float
    {
        return match ($this) {
            self::Name, self::CalledSo => 1.0,
            self::Synonym => 0.9,
            self::ExplainedSo => 0.8,
        };
    }
}
