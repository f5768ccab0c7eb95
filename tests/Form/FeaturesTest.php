<?php

declare(strict_types=1);

/** What stands in `app/` beside the features. */
const FRAMES = ['Http', 'Library', 'Models', 'Problems', 'Providers', 'Resources'];

/** Features that nobody asks over HTTP. */
const WITHOUT_ROUTES = ['CommandLine', 'Offer'];

function fromApp(string $path): string
{
    return dirname(__DIR__, 2)."/app/{$path}";
}

/** @return list<string> names of folders or files below `app/`, without their extension */
function namesIn(string $pattern): array
{
    return array_map(static fn (string $path): string => basename($path, '.php'), glob(fromApp($pattern)) ?: []);
}

function kebab(string $name): string
{
    return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $name));
}

/** @return list<string> folders of `app/` that are features */
function features(): array
{
    return array_values(array_diff(namesIn('*/'), FRAMES));
}

/** @return list<string> PHP files of a folder of `app/`, without those of its `Http/` */
function servicesOf(string $feature): array
{
    return array_filter(
        glob(fromApp("{$feature}/{*,*/*}.php"), GLOB_BRACE) ?: [],
        static fn (string $path): bool => ! str_contains($path, '/Http/'),
    );
}

test('every feature has a file of routes, and nothing else has', function () {
    $withRoutes = array_map(
        static fn (string $path): string => basename(dirname($path, 2)),
        glob(fromApp('*/Http/routes.php')) ?: [],
    );
    expect($withRoutes)->toEqualCanonicalizing(array_values(array_diff(features(), WITHOUT_ROUTES)));
});

test('a folder of app has no folders but Http, and the casts of models', function () {
    $folders = array_map(static fn (string $path): string => substr($path, strlen(fromApp(''))), glob(fromApp('*/*'), GLOB_ONLYDIR) ?: []);
    $odd = array_filter($folders, static fn (string $path): bool => preg_match('{/Http$}', $path) !== 1);
    expect(array_values($odd))->toEqualCanonicalizing(['Http/Middleware', 'Models/Casts']);
});

test('screens are of features that have routes', function () {
    $screens = array_map(basename(...), glob(dirname(__DIR__, 2).'/web/screens/*', GLOB_ONLYDIR) ?: []);
    expect(array_diff($screens, array_map(kebab(...), features())))->toBe([]);
});

test('a route file leads only to the controllers of its feature', function (string $feature) {
    $text = (string) file_get_contents(fromApp("{$feature}/Http/routes.php"));
    preg_match_all('/^use App\\\\(\w+)\\\\Http\\\\\w+Controller;/m', $text, $controllers);
    expect(array_values(array_unique($controllers[1])))->toBe([$feature]);
})->with(fn () => array_values(array_diff(features(), WITHOUT_ROUTES)));

test('services know nothing of HTTP: no controller, request or resource', function () {
    $astray = [];
    foreach (features() as $feature) {
        foreach (servicesOf($feature) as $path) {
            if (preg_match('/^use (App\\\\\w+\\\\Http\\\\\w+);/m', (string) file_get_contents($path), $known) === 1) {
                $astray[] = "{$feature}/".basename($path).": {$known[1]}";
            }
        }
    }
    expect($astray)->toBe([]);
});

test('a controller takes the requests of its own feature', function () {
    $astray = [];
    foreach (features() as $feature) {
        foreach (glob(fromApp("{$feature}/Http/*Controller.php")) ?: [] as $path) {
            preg_match_all('/^use App\\\\(\w+)\\\\Http\\\\(\w+Request);/m', (string) file_get_contents($path), $used);
            foreach (array_diff($used[1], [$feature]) as $index => $other) {
                $astray[] = basename($path).": {$other}/{$used[2][$index]}";
            }
        }
    }
    expect($astray)->toBe([]);
});

test('enums, listeners and mail transports stand with their feature, not among models and providers', function () {
    $astray = [];
    foreach ([...glob(fromApp('Models/*.php')) ?: [], ...glob(fromApp('Providers/*.php')) ?: []] as $path) {
        $misplaced = '/^(enum |final class \w+ extends (AbstractTransport|Mailable))|self::(created|saved|updated|deleted)\(/m';
        if (preg_match($misplaced, (string) file_get_contents($path)) === 1) {
            $astray[] = basename($path);
        }
    }
    expect($astray)->toBe([]);
});
