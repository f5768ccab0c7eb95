<?php

declare(strict_types=1);

use App\Http\Middleware\BindSeat;
use App\Http\Middleware\ComesFromThePage;
use App\Http\Middleware\FirstAnswer;
use App\Http\Middleware\IdentifySuite;
use App\Http\Middleware\KeepsSession;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\LimitsTokens;
use App\Http\Middleware\NamesRequest;
use App\Http\Middleware\OneAtATime;
use App\Http\Middleware\RefusesTheGone;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TrustsProxies;
use App\Http\Middleware\WellFormed;
use App\Problems\ProblemRenderer;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Route;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        using: function (): void {
            Route::middleware('people')->prefix('api')->group(base_path('routes/people.php'));
            Route::middleware('agents')->prefix('api/agent')->group(base_path('routes/agent.php'));
            Route::get('api-description', [App\Http\Controllers\ApiDescriptionController::class, 'page']);
            Route::get('api-description/openapi.yaml', [App\Http\Controllers\ApiDescriptionController::class, 'document']);
            Route::get('up', App\Http\Controllers\HealthController::class);
            Route::get('metrics', App\Http\Controllers\MetricsController::class);
            // Pages have no dot in their address: a file that is missing is missing.
            Route::get('/{any?}', App\Http\Controllers\PageController::class)->where('any', '(?!(api|build)(/|$))[^.]*')->name('page');
        },
    )
    ->withCommands([
        App\Console\CarryFiles::class,
        App\Console\CheckFiles::class,
        App\Console\HarmoniseFiles::class,
        App\Console\ListKeys::class,
        App\Console\WhoGetsChord::class,
        App\Console\PrepareHouse::class,
        App\Console\SetUpCode::class,
        App\Console\Tidy::class,
        App\Console\BackUp::class,
        App\Console\ProveBackUp::class,
        App\Console\Doctor::class,
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->use([
            NamesRequest::class,
            SecurityHeaders::class,
            TrustHosts::class,
            TrustsProxies::class,
            ValidatePostSize::class,
            WellFormed::class,
            TrimStrings::class,
            ConvertEmptyStringsToNull::class,
        ]);
        $middleware->trustHosts(at: KnownHosts::patterns(...), subdomains: false);
        $middleware->group('people', [
            EncryptCookies::class,
            AddQueuedCookiesToResponse::class,
            KeepsSession::class,
            ComesFromThePage::class,
            SubstituteBindings::class,
        ]);
        $middleware->group('agents', ['throttle:agents', IdentifySuite::class, SubstituteBindings::class]);
        $middleware->alias([
            'seat' => BindSeat::class,
            'once' => FirstAnswer::class,
            'token-limits' => LimitsTokens::class,
            'active' => RefusesTheGone::class,
            'one-at-a-time' => OneAtATime::class,
        ]);
        // Whoever has long work under way is told so before a transaction is begun in which they would wait.
        $middleware->appendToPriorityList(after: ThrottleRequests::class, append: OneAtATime::class);
        $middleware->appendToPriorityList(after: OneAtATime::class, append: FirstAnswer::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn ($request): bool => $request->is('api/*'));
        $exceptions->dontReport(Zebrafinch\Core\Refusal::class);
        $exceptions->render(fn (Throwable $error, Illuminate\Http\Request $request) => (new ProblemRenderer())->render($error, $request));
    })
    ->create();

// All that changes while running lives under var/, so that the checkout itself stays as it was.
$app->useStoragePath($app->basePath('var/laravel'));
$app->useEnvironmentPath($app->basePath('var'));
$app->loadEnvironmentFrom('settings.env');

return $app;
