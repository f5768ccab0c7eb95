<?php

declare(strict_types=1);

namespace App\Providers;

use App\Library\Kept;
use App\Library\Library;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\Response;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Dialect\Dialects;

final class AppServiceProvider extends ServiceProvider
{
    public const SIGN_INS_A_MINUTE = 8;

    public function register(): void
    {
        $this->app->singleton(Dialects::class, static fn (): Dialects => Dialects::standard());
        $this->app->singleton(Library::class, fn (): Library => new Library(config('app.data'), app(Dialects::class), new Kept(storage_path('framework/cache'))));
        $this->app->singleton(Docket::class, fn (): Docket => Docket::standard(app(Library::class)->reserved()));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        RateLimiter::for('sign-in', fn (Request $request): Limit => Limit::perMinute(self::SIGN_INS_A_MINUTE)
            ->by($request->string('email')->lower().'|'.$request->ip())
            ->after(static fn (Response $response): bool => ! $response->isSuccessful()));
    }
}
