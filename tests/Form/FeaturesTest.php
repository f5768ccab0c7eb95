<?php

declare(strict_types=1);

/** What stands in `app/` beside the features. */
const FRAMES = ['Console', 'Http', 'Library', 'Models', 'Policies', 'Problems', 'Providers', 'Resources'];

/** Route files of no feature: who may come in, and what comes in beside people. */
const ENTRANCES = ['people', 'agent', 'console'];

/** @return list<string> names of folders or files, without their extension */
function namesIn(string $pattern): array
{
    return array_map(static fn (string $path): string => basename($path, '.php'), glob(dirname(__DIR__, 2)."/{$pattern}") ?: []);
}

function kebab(string $name): string
{
    return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $name));
}

/** @return list<string> */
function features(): array
{
    return array_values(array_diff(namesIn('routes/*.php'), ENTRANCES));
}

test('route files, controllers and resources are of the same features', function () {
    $kebab = static fn (array $names): array => array_map(kebab(...), $names);
    expect($kebab(namesIn('app/Http/Controllers/*/')))
        ->toEqualCanonicalizing(features())
        ->and($kebab(namesIn('app/Http/Resources/*/')))
        ->toEqualCanonicalizing(features());
});

test('requests, services and screens are of features that have routes', function (string $pattern, array $beside) {
    expect(array_diff(array_map(kebab(...), array_diff(namesIn($pattern), $beside)), features()))->toBe([]);
})->with([
    'requests' => ['app/Http/Requests/*/', []],
    'services' => ['app/*/', FRAMES],
    'screens' => ['web/screens/*/', []],
]);

test('a route file leads only to the controllers of its feature', function (string $feature) {
    $text = (string) file_get_contents(dirname(__DIR__, 2)."/routes/{$feature}.php");
    preg_match_all('/use App\\\\Http\\\\Controllers\\\\(\w+)\\\\/', $text, $controllers);
    expect(array_values(array_unique(array_map(kebab(...), $controllers[1]))))->toBe([$feature]);
})->with(features(...));

test('a controller takes the requests and gives the resources of its own feature', function () {
    $astray = [];
    foreach (namesIn('app/Http/Controllers/*/') as $feature) {
        foreach (glob(dirname(__DIR__, 2)."/app/Http/Controllers/{$feature}/*.php") as $path) {
            preg_match_all('/use App\\\\Http\\\\(?:Requests|Controllers)\\\\(\w+)\\\\(\w+)/', (string) file_get_contents($path), $used);
            foreach (array_diff($used[1], [$feature]) as $index => $other) {
                $astray[] = basename($path).": {$other}/{$used[2][$index]}";
            }
        }
    }
    expect($astray)->toBe([]);
});
