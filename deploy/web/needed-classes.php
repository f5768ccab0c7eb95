<?php

declare(strict_types=1);

// Prints the classes of packages that a request needs, one in a line: one is asked here, and what it loaded is told.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";
$application = require "{$root}/bootstrap/app.php";
$kernel = $application->make(Kernel::class);
$request = Request::create('/api/session', server: ['HTTP_ACCEPT' => 'application/json', 'HTTP_HOST' => '127.0.0.1']);
$response = $kernel->handle($request);
$kernel->terminate($request, $response);
if ($response->getStatusCode() !== 200) {
    fwrite(STDERR, "A request was answered {$response->getStatusCode()}: {$response->getContent()}\n");
    exit(1);
}
// What somebody who is signed in needs besides: all that stands before a route, and what checks a question.
foreach ($application->make('router')->getRoutes() as $route) {
    foreach ($application->make('router')->gatherRouteMiddleware($route) as $name) {
        if (is_string($name)) {
            $application->make((string) strtok($name, ':'));
        }
    }
}
$application->make('validator')->make(['a' => 'b'], ['a' => ['sometimes', Illuminate\Validation\Rule::in(['b'])]])->validate();
$application->make(Illuminate\Contracts\Auth\Access\Gate::class)->inspect('nothing');
$application->make('db')->connection()->table('houses')->where('id', 0)->first();
$person = App\Models\User::query()->whereHas('kit')->first();
foreach ($person === null ? [] : ['/api/find?words=cut', '/api/keymaps', '/api/table'] as $path) {
    foreach (['web', 'sanctum'] as $guard) {
        $application->make('auth')->guard($guard)->setUser($person);
    }
    $kernel->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json', 'HTTP_HOST' => '127.0.0.1']));
}
foreach (
    [
        Illuminate\Auth\Access\Response::class,
        Illuminate\Cookie\CookieValuePrefix::class,
        Illuminate\Cache\ApcStore::class,
        Illuminate\Cache\ApcWrapper::class,
        Illuminate\Cache\RateLimiting\Limit::class,
        Illuminate\Database\Eloquent\Casts\Attribute::class,
        Symfony\Component\HttpFoundation\StreamedResponse::class,
    ] as $class
) {
    class_exists($class);
}
/** @var array<class-string, string> $files */
$files = require "{$root}/vendor/composer/autoload_classmap.php";
// What only tests need is on some servers and not on others.
/** @var array{dev-package-names: list<string>} $installed */
$installed = json_decode((string) file_get_contents("{$root}/vendor/composer/installed.json"), true, 16, JSON_THROW_ON_ERROR);
foreach ([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()] as $class) {
    $path = isset($files[$class]) && ! (new ReflectionClass($class))->isInternal() ? (string) realpath($files[$class]) : '';
    preg_match('~^'.preg_quote("{$root}/vendor/", '~').'([^/]+/[^/]+)/~', $path, $package);
    if ($package !== [] && ! in_array($package[1], $installed['dev-package-names'], true)) {
        echo "{$class}\n";
    }
}
