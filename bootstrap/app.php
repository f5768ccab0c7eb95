<?php

declare(strict_types=1);

use App\Http\Middleware\AssignRequestId;
use App\Http\Middleware\BindSeat;
use App\Http\Middleware\EnsureSessionIsValid;
use App\Http\Middleware\Idempotency;
use App\Http\Middleware\LimitConcurrency;
use App\Http\Middleware\RejectMalformedInput;
use App\Http\Middleware\RestrictScriptToken;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StartPersonSession;
use App\Http\Middleware\TrustedHosts;
use App\Http\Middleware\TrustedProxies;
use App\Http\Middleware\VerifyCsrfToken;
use App\Problems\ProblemRenderer;
use App\Suite\Clock;
use App\Suite\Http\IdentifySuite;
use Illuminate\Console\Scheduling\Schedule;
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
        using: function (): void {
            Route::middleware('people')->prefix('api')->group(app_path('Http/routes.php'));
            Route::middleware('agents')->prefix('api/agent')->group(app_path('Suite/Http/agent-routes.php'));
            Route::get('api-description', [App\Http\ApiDescriptionController::class, 'page']);
            Route::get('api-description/openapi.yaml', [App\Http\ApiDescriptionController::class, 'document']);
            Route::get('up', App\House\Http\HealthController::class);
            Route::get('metrics', App\House\Http\MetricsController::class);
            // Pages have no dot in their address: a file that is missing is missing.
            Route::get('/{any?}', App\Http\PageController::class)->where('any', '(?!(api|build)(/|$))[^.]*')->name('page');
        },
    )
    ->withCommands([
        App\CommandLine\CarryFiles::class,
        App\CommandLine\CheckFiles::class,
        App\CommandLine\HarmoniseFiles::class,
        App\CommandLine\ListKeys::class,
        App\CommandLine\WhoGetsChord::class,
        App\House\PrepareHouse::class,
        App\House\SetUpCode::class,
        App\House\Tidy::class,
        App\House\BackUp::class,
        App\House\ProveBackUp::class,
        App\House\Doctor::class,
    ])
    ->withSchedule(function (Schedule $schedule): void {
        // Sittings end and rollouts begin by the clock, whether anybody looks or not.
        $schedule->call(static fn () => app(Clock::class)->tick())->name('suites')->everyFiveSeconds();
        $schedule->command('house:tidy')->dailyAt('03:10');
    })
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->use([
            AssignRequestId::class,
            SecurityHeaders::class,
            TrustHosts::class,
            TrustedProxies::class,
            ValidatePostSize::class,
            RejectMalformedInput::class,
            TrimStrings::class,
            ConvertEmptyStringsToNull::class,
        ]);
        $middleware->trustHosts(at: TrustedHosts::patterns(...), subdomains: false);
        $middleware->group('people', [
            EncryptCookies::class,
            AddQueuedCookiesToResponse::class,
            StartPersonSession::class,
            VerifyCsrfToken::class,
            SubstituteBindings::class,
        ]);
        $middleware->group('agents', ['throttle:agents', IdentifySuite::class, SubstituteBindings::class]);
        $middleware->alias([
            'seat' => BindSeat::class,
            'idempotent' => Idempotency::class,
            'script-token' => RestrictScriptToken::class,
            'active' => EnsureSessionIsValid::class,
            'one-at-a-time' => LimitConcurrency::class,
        ]);
        // Whoever has long work under way is told so before a transaction is begun in which they would wait.
        $middleware->appendToPriorityList(after: ThrottleRequests::class, append: LimitConcurrency::class);
        $middleware->appendToPriorityList(after: LimitConcurrency::class, append: Idempotency::class);
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
