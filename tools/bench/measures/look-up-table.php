<?php

declare(strict_types=1);

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\LookUpTable;
use Zebrafinch\Core\Tests\World;

// Working out the look-up table of a keymap of 1,000 bindings, against decoding the JSON of the table.
return static function (): iterable {
    $application = World::cutloom();
    $seat = World::seat();
    $keymap = new LoadedKeymap($application, World::manyBindings($application, 1_000), $seat);
    $json = json_encode(LookUpTable::of($keymap, $seat->layers()), JSON_THROW_ON_ERROR);
    $measured = SideBySide::of(
        static fn () => LookUpTable::of($keymap, $seat->layers()),
        static fn () => json_decode($json, true, 16, JSON_THROW_ON_ERROR),
        rounds: 7,
    );
    yield sprintf(
        'the look-up table of 1,000 bindings: %.0f times decoding its JSON (%.0f ms and %.1f ms); %.0f kB as JSON, %.0f kB compressed',
        $measured->ratio(),
        $measured->subject,
        $measured->yardstick,
        strlen($json) / 1000,
        strlen((string) gzencode($json)) / 1000,
    );
};
