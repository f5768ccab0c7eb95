<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Clash\Settle\SettleAll;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Tests\World;

// Settling all 46 faults of a keymap of 600 bindings, against finding them.
return static function (): iterable {
    require_once dirname(__DIR__).'/LargeKit.php';
    $docket = BuiltInKinds::docket(World::reserved());
    $keymap = new LoadedKeymap(World::cutloom(), LargeKit::bindings(World::cutloom(), 600, 7), World::seat());
    $faults = count(array_filter($docket->of($keymap), static fn (Clash $one): bool => $one->grade === Grade::Fault));
    $settled = null;
    $time = SideBySide::of(
        static function () use ($keymap, $docket, &$settled): void {
            $settled = SettleAll::of($keymap, $docket, new Offers(reserved: World::reserved()));
        },
        static fn () => $docket->of($keymap),
        rounds: 3,
    );
    yield Row::aimed(
        "settling all {$faults} faults of 600 bindings",
        sprintf(
            '%.2f s, %.0f × finding them; %d repairs, %s',
            $time->subject / 1000,
            $time->ratio(),
            count($settled->repairs),
            $settled->isCheapest() ? 'proved cheapest' : 'not proved',
        ),
        '≤ 1 s',
        $time->subject <= 1000.0,
    );
};
