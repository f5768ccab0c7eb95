<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Clash\Kind\ByReach;
use Zebrafinch\Core\Clash\Kind\DeadTitleKind;
use Zebrafinch\Core\Clash\Kind\DoubleKind;
use Zebrafinch\Core\Clash\Kind\ParallelKind;
use Zebrafinch\Core\Clash\Kind\ShadowKind;
use Zebrafinch\Core\Clash\Kind\SwallowedKind;
use Zebrafinch\Core\Clash\Kind\TapHoldKind;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Reach\SeatJudges;

/** The kinds of clashes that come with the product. Nothing else names one. */
final readonly class BuiltInKinds
{
    public static function docket(ReservedChords $reserved): Docket
    {
        $judges = new SeatJudges($reserved);

        return Docket::withKinds(
            new DoubleKind(),
            new TapHoldKind(),
            ByReach::reserved($judges),
            ByReach::outOfReach($judges),
            new DeadTitleKind(),
            new ShadowKind(),
            new SwallowedKind(),
            new ParallelKind(),
        );
    }
}
