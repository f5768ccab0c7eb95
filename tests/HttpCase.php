<?php

declare(strict_types=1);

namespace Tests;

use App\Models\User;
use Database\Seeders\DemoWorld;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Contracts\ControllerDispatcher;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Zebrafinch\Core\Tests\Dialect\Forms;

/** Requests as the browser and the workstations make them; every answer is checked against docs/openapi.yaml. */
abstract class HttpCase extends TestCase
{
    protected bool $seed = true;

    protected string $seeder = DemoWorld::class;

    /** @var array<string, TestWorkstation> */
    private array $workstations = [];

    public function createApplication()
    {
        $app = require dirname(__DIR__).'/bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        // Tests that run beside each other have a database each.
        $token = getenv('TEST_TOKEN');
        if ($token !== false) {
            $name = config()->string('database.connections.pgsql.database');
            config()->set('database.connections.pgsql.database', "{$name}_{$token}");
        }
        // What agents were told last belongs to one database, and every test begins with a new one.
        config()->set('app.presence', storage_path('framework/agents/tests-'.getmypid()));
        File::deleteDirectory(config()->string('app.presence'));

        // A question changes nothing: what answers a GET has a connection that refuses every write.
        $app->singleton(ControllerDispatcher::class, ReadOnlyGets::class);

        return $app;
    }

    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        ApiDescription::check($method, (string) parse_url($uri, PHP_URL_PATH), $response);

        return $response;
    }

    /** Signs in the account of a role, as `picture` for picture@saltmarsh.example. */
    public function as(string $account): static
    {
        return $this->actingAs(
            User::query()
                ->where('email', "{$account}@saltmarsh.example")
                ->firstOrFail(),
        );
    }

    /** Asks as a workstation's agent. */
    public function asAgent(string $suite, string $instance = 'only-one'): static
    {
        return $this->withToken(DemoWorld::TOKENS[$suite])->withHeader('Agent-Instance', $instance);
    }

    /** The workstation of a suite, with nothing in its folder. */
    public function workstation(string $suite): TestWorkstation
    {
        return $this->workstations[$suite] ??= new TestWorkstation($this, $suite);
    }

    public function bringIn(string $application, string $bytes, string $name = 'my.keys'): TestResponse
    {
        return $this->post(
            "/api/applications/{$application}/key-files",
            ['file' => UploadedFile::fake()->createWithContent($name, $bytes)],
            ['Accept' => 'application/json'],
        );
    }

    /** Brings an application of the house by a key file of a form of its own. */
    public function broughtApplication(string $form = 'several', string $name = 'Lanternfish', int $times = 1): TestResponse
    {
        return $this->post(
            '/api/house-applications',
            ['name' => $name, 'files' => [UploadedFile::fake()->createWithContent(Forms::fileName($form), Forms::file($form, $times))]],
            ['Accept' => 'application/json'],
        )->assertCreated();
    }

    /** The same, put to use by the keeper; its id as an application. */
    public function applicationInUse(string $form = 'several', string $name = 'Lanternfish'): string
    {
        $this->as('keeper');
        $brought = $this->broughtApplication($form, $name)->json();
        $this->postJson("/api/house-applications/{$brought['id']}/ready", ['version' => $brought['version']])
            ->assertOk()
            ->assertJsonPath('state', 'in-use');

        return $brought['slug'];
    }

    /** A keymap of the signed-in account, a copy of the factory one but for one command, in use. */
    public function keymap(string $application, string $command, string $chord, string $context, string $name = 'Mine'): int
    {
        $keymap = $this->postJson("/api/applications/{$application}/keymaps", ['name' => $name])
            ->assertCreated()
            ->json('id');
        $this->rekey($keymap, $application, $command, $chord, $context);

        return $keymap;
    }

    /** Gives a command another chord in one context of a keymap in use, whatever clashes with it. */
    public function rekey(int $keymap, string $application, string $command, string $chord, string $context): void
    {
        $now = $this->getJson("/api/applications/{$application}/remap?command={$command}&context={$context}")->assertOk();
        $here = array_filter($now->json('bindings'), static fn (array $one): bool => $one['context']['id'] === $context);
        $this->postJson("/api/keymaps/{$keymap}/changes", [
            'version' => $this->getJson("/api/applications/{$application}/keymap")->json('version'),
            'title' => 'Another chord',
            'despite_clashes' => true,
            'change' => [
                'removed' => array_map(
                    static fn (array $one): array => [
                        'chord' => $one['chord']['id'],
                        'command' => $command,
                        'context' => $context,
                        'gesture' => $one['gesture'],
                    ],
                    array_values($here),
                ),
                'added' => [['chord' => $chord, 'command' => $command, 'context' => $context]],
            ],
        ])->assertOk();
    }

    /** Makes a release of what the signed-in account has, accepting whatever is wrong; a new preset for a name. */
    public function release(int|string $preset, string $note = 'as it is'): int
    {
        $problems = $this->getJson('/api/release-drafts'.(is_int($preset) ? "?preset={$preset}" : ''))
            ->assertOk()
            ->json('problems');
        $body = ['note' => $note, 'accept' => array_column($problems, 'id')] + ($problems === [] ? [] : ['reason' => 'a test']);

        return is_int($preset)
            ? $this->postJson("/api/presets/{$preset}/releases", $body)
                ->assertCreated()
                ->json('id')
            : $this->postJson('/api/presets', ['name' => $preset] + $body)
                ->assertCreated()
                ->json('id');
    }

    /**
     * The suite keeper's kit, with one chord of their own, as the house standard with its first release.
     *
     * @return array{preset: int, release: int}
     */
    public function houseStandard(string $chord = 'KeyB'): array
    {
        $this->as('keeper')->keymap('cutloom', 'split-at-playhead', $chord, 'timeline', 'House keys');
        $release = $this->release('House standard', 'the first');
        $preset = collect($this->getJson('/api/presets')->json('presets'))->firstWhere('name', 'House standard')['id'];
        $this->patchJson("/api/presets/{$preset}", ['audience' => 'house', 'is_standard' => true])->assertOk();

        return ['preset' => $preset, 'release' => $release];
    }

    /**
     * Begins a rollout as the suite keeper, accepting whatever is wrong.
     *
     * @param  list<string>  $suites
     * @param  array<string, mixed>  $more
     */
    public function rollOut(int $release, array $suites, array $more = []): TestResponse
    {
        $this->as('keeper');
        $problems = $this->postJson('/api/dry-runs', ['release' => $release, 'suites' => $suites])
            ->assertOk()
            ->json('problems');

        return $this->postJson(
            '/api/rollouts',
            $more + [
                'release' => $release,
                'suites' => $suites,
                'accept' => array_column($problems, 'id'),
                'reason' => 'a test',
            ],
        );
    }

    /** @return array<string, mixed> a suite as everybody sees it */
    public function suite(string $id): array
    {
        return collect($this->as('picture')->getJson('/api/suites')->assertOk()->json('suites'))->firstWhere('id', $id);
    }

    public function standing(string $suite, string $application = 'cutloom'): string
    {
        return collect($this->suite($suite)['files'])->firstWhere('application.id', $application)['standing'];
    }

    /**
     * An answer as it is told, and as it is worked out by whoever remembers nothing.
     *
     * @return array{mixed, mixed}
     */
    public function toldTwice(string $address): array
    {
        $told = $this->getJson($address)->assertOk()->json();
        Cache::store('array')->flush();

        return [$told, $this->getJson($address)->assertOk()->json()];
    }
}
