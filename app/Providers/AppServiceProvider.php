<?php

declare(strict_types=1);

namespace App\Providers;

use App\Description\HouseShelf;
use App\Library\CompiledData;
use App\Library\Library;
use App\Library\ShippedShelf;
use App\Models\HouseApplication;
use App\Models\Keymap;
use App\Preset\ReleaseMade;
use App\Suite\Following;
use App\Suite\Sittings;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\Response;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Docket;

final class AppServiceProvider extends ServiceProvider
{
    public const SIGN_INS_A_MINUTE = 8;

    public function register(): void
    {
        $this->app->singleton(
            Library::class,
            fn (): Library => new Library(
                config('app.data'),
                [new ShippedShelf(config('app.data').'/catalogues'), new HouseShelf()],
                new CompiledData(storage_path('framework/cache'), base_path('core/src')),
            ),
        );
        $this->app->singleton(Docket::class, fn (): Docket => BuiltInKinds::docket(app(Library::class)->reserved()));
    }

    /** What people have and what presets say reaches the suites by itself. */
    private function followChanges(): void
    {
        Keymap::saved(static function (Keymap $keymap): void {
            if ($keymap->wasChanged(['bindings', 'in_use']) || $keymap->wasRecentlyCreated) {
                DB::afterCommit(static fn () => app(Sittings::class)->kitChanged($keymap->kit_id));
            }
        });
        HouseApplication::saved(static fn () => app(Library::class)->forget());
        HouseApplication::deleted(static fn () => app(Library::class)->forget());
        // A worker lives longer than what it knows of the house's applications.
        Event::listen(JobProcessing::class, static fn () => app(Library::class)->forget());
        Event::listen(ReleaseMade::class, static function (ReleaseMade $made): void {
            $made->release->preset->is_standard
                ? app(Following::class)->standardChanged()
                : app(Following::class)->newest($made->release->preset_id);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        $this->followChanges();
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
