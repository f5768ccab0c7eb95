<?php

declare(strict_types=1);

use Zebrafinch\Core\Intent\Search;
use Zebrafinch\Core\Intent\SearchIndex;
use Zebrafinch\Core\Tests\World;

// Searching 10,000 commands, against looking at every one of their names for the words as they are typed.
return static function (): iterable {
    $applications = World::manyCommands(applications: 20, commands: 500);
    $search = new Search(SearchIndex::of($applications, World::vocabulary()));
    $names = array_merge(...array_map(static fn ($one): array => array_column($one->commands(), 'name'), $applications));
    $queries = array_map(
        static fn (string $line): string => explode("\t", $line)[0],
        array_filter(
            explode("\n", World::bytes('core/tests/Intent/queries.tsv')),
            static fn (string $line): bool => $line !== '' && $line[0] !== '#',
        ),
    );
    $times = [];
    foreach ($queries as $query) {
        $start = hrtime(true);
        $search->find($query, 30);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    $measured = SideBySide::of(
        static fn () => array_map(static fn (string $query): array => $search->find($query, 30), $queries),
        static fn () => array_map(
            static fn (string $query): array => array_filter($names, static fn (string $name): bool => stripos($name, $query) !== false),
            $queries,
        ),
        rounds: 3,
    );
    yield sprintf(
        'searching 10,000 commands: %.1f times a plain look at every name; 95th percentile %.1f ms, without the HTTP around it',
        $measured->ratio(),
        $times[(int) (0.95 * count($times))],
    );
};
