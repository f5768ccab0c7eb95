<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\SessionRows;
use App\Description\HouseShelf;
use App\Learn\SuiteToCome;
use App\Library\CompiledData;
use App\Library\Keyboards;
use App\Library\Library;
use App\Library\ShippedShelf;
use App\Library\WorkedOut;
use App\Models\HouseApplication;
use App\Models\Keymap;
use App\Models\ScriptToken;
use App\Models\StoredDrill;
use App\Models\User;
use App\Preset\ReleaseMade;
use App\Suite\Following;
use App\Suite\Sittings;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use PDO;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Clash\Docket;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        // Proving the password anew costs more than most questions; a process of the web server keeps its connection. Said here and not in
        // the settings, which may have been put together on a command line. A query and its values go to the database together: once there
        // and back instead of three times.
        config([
            'database.connections.pgsql.options' => [
                PDO::ATTR_PERSISTENT => in_array(PHP_SAPI, ['cli-server', 'fpm-fcgi'], true),
                PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
            ],
        ]);
        // Where processes share memory, counts and what was worked out lie there.
        if (config()->string('cache.limiter') !== 'array' && function_exists('apcu_enabled') && apcu_enabled()) {
            config(['cache.limiter' => 'apc', 'cache.worked_out' => 'apc']);
        }
        $this->app->singleton(Library::class, static function (): Library {
            $root = config()->string('app.data');
            $shipped = config()->boolean('app.shipped_applications') ? [new ShippedShelf("{$root}/catalogues")] : [];
            $compiled = app(CompiledData::class);

            return new Library($root, [...$shipped, new HouseShelf()], $compiled, new Keyboards($root, $compiled));
        });
        $this->app->singleton(
            CompiledData::class,
            static fn (): CompiledData => new CompiledData(
                storage_path('framework/cache'),
                base_path('core/src'),
                config()->string('cache.worked_out') === 'array' ? null : Cache::store(config()->string('cache.worked_out')),
            ),
        );
        $this->app->singleton(
            WorkedOut::class,
            static fn (): WorkedOut => new WorkedOut(
                Cache::store(config()->string('cache.worked_out')),
                app(CompiledData::class)->codeStamp(),
            ),
        );
        // What will be installed in a suite is worked out once a request, however many questions are put about it.
        $this->app->scoped(SuiteToCome::class);
        $this->app->singleton(Docket::class, fn (): Docket => BuiltInKinds::docket(app(Library::class)->keyboards->reserved()));
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
        Route::patterns(
            array_fill_keys(
                [
                    'keymap',
                    'keyFile',
                    'ownIntent',
                    'preset',
                    'release',
                    'sitting',
                    'rollout',
                    'harmonisation',
                    'houseApplication',
                    'person',
                    'invitation',
                    'token',
                    'usageSource',
                    'learningCard',
                    'press',
                ],
                '[0-9]{1,18}',
            ),
        );
        Route::patterns(array_fill_keys(['rehearsal', 'drill'], '[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}'));
        Route::model('drill', StoredDrill::class);
        Route::bind('person', static fn (string $id): User => User::query()->whereNull('removed_at')->findOrFail($id));
        Session::extend(
            'rows',
            static fn ($app): SessionRows => new SessionRows(
                $app['db']->connection(),
                config()->string('session.table'),
                config()->integer('session.lifetime'),
                $app,
            ),
        );
        Limits::define();
        JournalKeeping::begin();
        Mail::extend('folder', static fn (array $config): FolderTransport => new FolderTransport($config['path']));
        Sanctum::usePersonalAccessTokenModel(ScriptToken::class);
        Sanctum::authenticateAccessTokensUsing(
            static fn (ScriptToken $token, bool $isGood): bool => $isGood && ($token->tokenable?->isActive() ?? false),
        );
    }
}
