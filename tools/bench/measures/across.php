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
    yield Row::aimed(
        'stripes of 6 applications and '.count($vocabulary->intents()).' intents',
        sprintf('%.1f × decoding the kit\'s JSON (%.2f ms and %.2f ms)', $stripes->ratio(), $stripes->subject, $stripes->yardstick),
        '≤ 3 ×',
        $stripes->ratio() <= 3.0,
    );
    $friends = SideBySide::of(static fn () => (new FalseFriends($keymaps, $vocabulary, $importance))->all(), $decode);
    yield Row::aimed(
        'false friends of the same',
        sprintf('%.1f × (%.2f ms)', $friends->ratio(), $friends->subject),
        '≤ 3 ×',
        $friends->ratio() <= 3.0,
    );

    $large = World::manyCommands(1, 2_000)[0];
    $known = array_map(World::application(...), World::applicationIds());
    $words = TradeWords::fromData(World::json('catalogues/words.json'));
    $texts = json_encode(
        array_map(static fn ($one): array => [$one->name, $one->tooltip, $one->menu], $large->commands()),
        JSON_THROW_ON_ERROR,
    );
    $proposed = SideBySide::of(
        static fn (): array => Proposals::from($vocabulary, $words, $known)->for($large),
        static fn () => json_decode($texts, true, 8, JSON_THROW_ON_ERROR),
        rounds: 3,
    );
    yield Row::aimed(
        'proposing matches for 2,000 commands',
        sprintf('%.2f s, %.0f × decoding their names and tooltips', $proposed->subject / 1000, $proposed->ratio()),
        '≤ 0.5 s',
        $proposed->subject <= 500.0,
    );
};
