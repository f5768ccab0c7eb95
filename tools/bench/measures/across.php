<?php

declare(strict_types=1);

use Zebrafinch\Core\Across\FalseFriends;
use Zebrafinch\Core\Across\Stripes;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\Proposals;
use Zebrafinch\Core\Intent\TradeWords;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Usage\Importance;

// Stripes and false friends of the six applications with all intents, against decoding the JSON of the same kit;
// proposing matches for 2,000 commands.
return static function (): iterable {
    $vocabulary = World::vocabulary();
    $importance = new Importance($vocabulary);
    $keymaps = array_map(static fn (string $id): LoadedKeymap => World::factory(World::application($id)), World::applicationIds());
    $json = json_encode(array_map(static fn (LoadedKeymap $one): array => $one->bindings()->toData(), $keymaps), JSON_THROW_ON_ERROR);
    $decode = static fn () => json_decode($json, true, 8, JSON_THROW_ON_ERROR);
    $stripes = SideBySide::of(static fn () => (new Stripes($keymaps, $vocabulary, $importance))->all(), $decode);
    yield sprintf(
        'stripes of 6 applications and %d intents: %.1f times decoding the kit\'s JSON (%.2f ms and %.2f ms)',
        count($vocabulary->intents()),
        $stripes->ratio(),
        $stripes->subject,
        $stripes->yardstick,
    );
    $friends = SideBySide::of(static fn () => (new FalseFriends($keymaps, $vocabulary, $importance))->all(), $decode);
    yield sprintf('false friends of the same: %.1f times (%.2f ms)', $friends->ratio(), $friends->subject);

    $large = World::manyCommands(1, 2_000)[0];
    $known = array_map(World::application(...), World::applicationIds());
    $words = TradeWords::fromData(World::json('catalogues/words.json'));
    $start = hrtime(true);
    $proposed = count(Proposals::from($vocabulary, $words, $known)->for($large));
    $seconds = (hrtime(true) - $start) / 1e9;
    yield sprintf(
        'proposing matches for 2,000 commands: %.1f s, %.0f commands a second (%d with a proposal)',
        $seconds,
        2_000 / $seconds,
        $proposed,
    );
};
