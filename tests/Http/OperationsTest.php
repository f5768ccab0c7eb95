<?php

declare(strict_types=1);

use App\Problems\LogLines;
use Illuminate\Database\QueryException;
use Illuminate\Log\Logger;
use Illuminate\Support\Facades\DB;
use Monolog\Handler\StreamHandler;
use Monolog\Logger as Monolog;

test('/up says that the server answers, and with ready that its database does', function () {
    $this->getJson('/up')
        ->assertOk()
        ->assertExactJson(['up' => true]);
    $this->getJson('/up?ready')->assertOk()->assertJsonPath('ready', true);
    config(['database.connections.pgsql.port' => 1]);
    DB::purge();
    $this->getJson('/up')->assertOk();
    $this->getJson('/up?ready')->assertStatus(503)->assertJsonPath('lacks', 'the database');
    $this->getJson('/api/session')->assertStatus(503)->assertJsonPath('kind', 'away');
    config(['database.connections.pgsql.port' => (int) env('DB_PORT')]);
    DB::purge();
    DB::beginTransaction();
});

test('metrics are closed without a token of their own, and written as OpenMetrics has it', function () {
    $this->get('/metrics')->assertStatus(404);
    config(['app.metrics_token' => 'only-for-watching']);
    $this->get('/metrics')->assertStatus(401);
    $response = $this->withToken('only-for-watching')->get('/metrics')->assertOk();
    expect($response->headers->get('Content-Type'))->toStartWith('application/openmetrics-text; version=1.0.0');
    $text = (string) $response->getContent();
    expect($text)->toEndWith("# EOF\n")->toContain("# TYPE zebrafinch_suites gauge\n")->toContain("\nzebrafinch_suites 5\n");
    foreach (explode("\n", trim($text)) as $line) {
        expect($line)->toMatch('/^(# (TYPE \w+ (gauge|counter)|HELP \w+ .+|EOF)|\w+ \d+)$/');
    }
});

test('a log line is JSON with the name of its request, and never has a value of a query', function () {
    $stream = fopen('php://memory', 'w+');
    $logger = new Logger(new Monolog('test', [new StreamHandler($stream)]));
    (new LogLines())($logger);
    $error = new QueryException(
        'pgsql',
        'select * from users where email = ?',
        ['picture@saltmarsh.example'],
        new PDOException('picture@saltmarsh'),
    );
    $logger->error($error->getMessage(), ['exception' => $error]);
    rewind($stream);
    $line = (string) stream_get_contents($stream);
    expect($line)->not->toContain('picture@')->toContain('SQLSTATE');
    expect(json_decode($line, true, 512, JSON_THROW_ON_ERROR)['context']['error']['class'])->toBe(QueryException::class);
});

test('every answer has a name, its own or the one that it was asked with', function () {
    expect($this->getJson('/api/session')->headers->get('X-Request-Id'))->toMatch('/^[0-9A-Z]{26}$/');
    $given = $this->getJson('/api/session', ['X-Request-Id' => 'from-a-proxy-1'])->headers->get('X-Request-Id');
    expect($given)->toBe('from-a-proxy-1');
    expect($this->getJson('/api/session', ['X-Request-Id' => "bad\n"])->headers->get('X-Request-Id'))->not->toContain('bad');
});

test('over TLS behind a proxy that is trusted cookies are secure and browsers are told to stay there', function () {
    config(['app.proxies' => ['10.0.0.1'], 'session.secure' => true]);
    $server = ['REMOTE_ADDR' => '10.0.0.1', 'HTTP_X_FORWARDED_PROTO' => 'https', 'HTTP_X_FORWARDED_FOR' => '192.0.2.7'];
    $response = $this->call('GET', '/api/session', [], [], [], $server);
    expect($response->headers->get('Strict-Transport-Security'))->toContain('max-age=');
    $stranger = $this->call('GET', 'http://127.0.0.1/api/session', [], [], [], [...$server, 'REMOTE_ADDR' => '10.0.0.2']);
    expect($stranger->headers->has('Strict-Transport-Security'))->toBeFalse();
});

test('built files are asked for at the host where the page is', function () {
    $this->withoutVite()->get('http://localhost/find')->assertOk();
    expect(app('url')->asset('build/assets/main.js'))->toBe('/build/assets/main.js');
});

test('a file that is not there is not there', function (string $path) {
    $this->get($path)->assertStatus(404);
})->with(['/.env', '/build/assets/missing.js', '/index.php.bak', '/build/']);

test('what is over is taken away, and what is not stays', function () {
    $user = App\Models\User::query()->firstOrFail();
    DB::table('sessions')->insert([
        ['id' => 'old', 'user_id' => $user->id, 'payload' => '', 'last_activity' => now()->subDays(2)->getTimestamp()],
        ['id' => 'new', 'user_id' => $user->id, 'payload' => '', 'last_activity' => now()->getTimestamp()],
    ]);
    $answer = ['user_id' => $user->id, 'request_digest' => str_repeat('0', 64), 'status' => 200, 'body' => ''];
    DB::table('idempotency_keys')->insert([...$answer, 'key' => 'old-old-old', 'created_at' => now()->subDays(2)]);
    DB::table('idempotency_keys')->insert([...$answer, 'key' => 'new-new-new', 'created_at' => now()]);
    $this->artisan('house:tidy')->assertSuccessful();
    expect(DB::table('sessions')->pluck('id')->all())
        ->toBe(['new'])
        ->and(DB::table('idempotency_keys')->pluck('key')->all())
        ->toBe(['new-new-new']);
});

test('a board that cannot be read is told at its place, and takes nothing else down', function () {
    $data = sys_get_temp_dir().'/zebrafinch-data-'.bin2hex(random_bytes(4));
    foreach (['boards', 'catalogues'] as $folder) {
        Illuminate\Support\Facades\File::copyDirectory(base_path($folder), "{$data}/{$folder}");
    }
    // The road case has this one.
    file_put_contents("{$data}/boards/laptop-iso.json", '{"half": ');
    config(['app.data' => $data]);
    app()->forgetInstance(App\Library\Library::class);
    $this->as('picture');
    expect($this->getJson('/api/keyboards')->assertOk()->json('boards.*.id'))
        ->not->toContain('laptop-iso')
        ->toContain('full-iso');
    expect(collect($this->getJson('/api/suites')->assertOk()->json('suites'))->firstWhere('id', 'road-case')['board']['name'])->toBe(
        'laptop-iso',
    );
    $this->getJson('/api/table?board=full-iso&layout=british')->assertOk();
    $this->getJson('/api/table?board=laptop-iso')->assertStatus(422);
    expect(collect(app(App\House\Examination::class)->findings())->where('good', false)->pluck('what')->implode(' '))->toContain(
        'boards/laptop-iso.json',
    );
    Illuminate\Support\Facades\File::deleteDirectory($data);
});
