<?php

declare(strict_types=1);

namespace Tests;

use App\Models\User;
use Database\Seeders\DemoWorld;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** Requests as the browser and the workstations make them; every answer is checked against docs/openapi.yaml. */
abstract class HttpCase extends TestCase
{
    protected bool $seed = true;

    protected string $seeder = DemoWorld::class;

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
    public function asAgent(string $suite): static
    {
        return $this->withToken(DemoWorld::TOKENS[$suite]);
    }

    public function bringIn(string $application, string $bytes, string $name = 'my.keys'): TestResponse
    {
        return $this->post(
            "/api/applications/{$application}/key-files",
            ['file' => UploadedFile::fake()->createWithContent($name, $bytes)],
            ['Accept' => 'application/json'],
        );
    }

    /**
     * One workstation's report: the given file contents by application, no copies, a folder that can be written.
     *
     * @param  array<string, string>  $files
     * @param  list<array<string, string>>  $copies
     */
    public function checkIn(string $suite, array $files = [], array $copies = []): TestResponse
    {
        $reported = array_map(
            static fn (string $application, string $bytes): array => [
                'application' => $application,
                'sha256' => hash('sha256', $bytes),
                'bytes' => base64_encode($bytes),
            ],
            array_keys($files),
            $files,
        );

        return $this->asAgent($suite)->postJson('/api/agent/check-in', ['files' => $reported, 'copies' => $copies, 'read_only' => false]);
    }
}
