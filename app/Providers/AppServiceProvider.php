<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\SessionRows;
use App\Description\HouseApplication;
use App\Description\HouseApplicationPolicy;
use App\Description\HouseShelf;
use App\Harmonise\Harmonisation;
use App\House\FolderTransport;
use App\House\HousePolicy;
use App\Http\RateLimits;
use App\Intent\OwnIntent;
use App\KeyFile\ImportedKeyFile;
use App\Learn\LearningCard;
use App\Learn\StoredDrill;
use App\Learn\SuiteToCome;
use App\Library\CompiledData;
use App\Library\Keyboards;
use App\Library\Library;
use App\Library\Memoised;
use App\Library\ShippedShelf;
use App\Models\House;
use App\Models\Keymap;
use App\Models\OwnerPolicy;
use App\Models\Preset;
use App\Models\Rehearsal;
use App\Models\Release;
use App\Models\ScriptToken;
use App\Models\Sitting;
use App\Models\Suite;
use App\Models\User;
use App\Person\UserPolicy;
use App\Preset\PresetPolicy;
use App\Preset\ReleasePolicy;
use App\Suite\Rollout;
use App\Suite\RolloutPolicy;
use App\Suite\SuitePolicy;
use App\Suite\SuiteSubscriber;
use App\Usage\UsageSource;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
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
    private const POLICIES = [
        User::class => UserPolicy::class,
        House::class => HousePolicy::class,
        Keymap::class => OwnerPolicy::class,
        ImportedKeyFile::class => OwnerPolicy::class,
        OwnIntent::class => OwnerPolicy::class,
        UsageSource::class => OwnerPolicy::class,
        Harmonisation::class => OwnerPolicy::class,
        Preset::class => PresetPolicy::class,
        Release::class => ReleasePolicy::class,
        Suite::class => SuitePolicy::class,
        Sitting::class => OwnerPolicy::class,
        Rollout::class => RolloutPolicy::class,
        Rehearsal::class => OwnerPolicy::class,
        HouseApplication::class => HouseApplicationPolicy::class,
        LearningCard::class => OwnerPolicy::class,
        StoredDrill::class => OwnerPolicy::class,
    ];

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
            Memoised::class,
            static fn (): Memoised => new Memoised(
                Cache::store(config()->string('cache.worked_out')),
                app(CompiledData::class)->codeStamp(),
            ),
        );
        // What will be installed in a suite is worked out once a request, however many questions are put about it.
        $this->app->scoped(SuiteToCome::class);
        $this->app->singleton(Docket::class, fn (): Docket => BuiltInKinds::docket(app(Library::class)->keyboards->reserved()));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
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
        RateLimits::define();
        Event::subscribe(SuiteSubscriber::class);
        // A worker lives longer than what it knows of the house's applications.
        Event::listen(JobProcessing::class, static fn () => app(Library::class)->forget());
        Gate::guessPolicyNamesUsing(static fn (string $model): ?string => self::POLICIES[$model] ?? null);
        Mail::extend('folder', static fn (array $config): FolderTransport => new FolderTransport($config['path']));
        Sanctum::usePersonalAccessTokenModel(ScriptToken::class);
        Sanctum::authenticateAccessTokensUsing(
            static fn (ScriptToken $token, bool $isGood): bool => $isGood && ($token->tokenable?->isActive() ?? false),
        );
    }
}
