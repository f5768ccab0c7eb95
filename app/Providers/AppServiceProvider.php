<?php

declare(strict_types=1);

namespace App\Providers;

use App\Library\CompiledData;
use App\Library\Library;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\Response;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Dialect\BuiltInDialects;
use Zebrafinch\Core\Dialect\Dialects;

final class AppServiceProvider extends ServiceProvider
{
    public const SIGN_INS_A_MINUTE = 8;

    public function register(): void
    {
        $this->app->singleton(Dialects::class, static fn (): Dialects => BuiltInDialects::all());
        $this->app->singleton(
            Library::class,
            fn (): Library => new Library(
                config('app.data'),
                app(Dialects::class),
                new CompiledData(storage_path('framework/cache'), base_path('core/src')),
            ),
        );
        $this->app->singleton(Docket::class, fn (): Docket => BuiltInKinds::docket(app(Library::class)->reserved()));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        Route::bind('application', static fn (string $id): Application => app(Library::class)->application($id));
        RateLimiter::for(
            'sign-in',
            fn (Request $request): Limit => Limit::perMinute(self::SIGN_INS_A_MINUTE)
                ->by($request->string('email')->lower().'|'.$request->ip())
                ->after(static fn (Response $response): bool => ! $response->isSuccessful()),
        );
    }
}
