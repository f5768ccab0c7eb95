<?php

declare(strict_types=1);

namespace App\Preset;

use App\Models\Preset;
use App\Models\Release;
use Zebrafinch\Core\Preset\FixedChords;

/** What the house has fixed, as its standard says now. */
final class HouseStandard
{
    public static function newest(): ?Release
    {
        return Preset::standard()?->newest()->first();
    }

    public static function fixed(): FixedChords
    {
        return self::newest()?->content()->fixed ?? FixedChords::none();
    }
}
