<?php

declare(strict_types=1);

use Tests\House\Checkout;

/** Processes beside those of a place, which end with the test whatever becomes of it. */
final class Beside
{
    /** @var list<resource> */
    private array $processes = [];

    public function __construct(private readonly Checkout $checkout, private readonly int $databasePort)
    {
    }

    /** @param  list<string>  $command */
    public function begin(array $command): void
    {
        $nowhere = ['file', '/dev/null', 'w'];
        $environment = ['DB_PORT' => (string) $this->databasePort, 'PATH' => getenv('PATH'), 'APP_URL' => $this->checkout->address];
        $this->processes[] = proc_open(
            ['setsid', ...$command],
            [1 => $nowhere, 2 => $nowhere],
            $pipes,
            $this->checkout->folder,
            $environment,
        );
    }

    public function __destruct()
    {
        foreach ($this->processes as $process) {
            posix_kill(-proc_get_status($process)['pid'], SIGKILL);
        }
    }
}

test('two web servers and two workers on one database answer alike, double no job and lose no write', function () {
    $house = new Checkout(8487, 54487);
    expect($house->run('start --background')[1])->toBe(0);
    $second = 'http://127.0.0.1:8488';
    $beside = new Beside($house, 54487);
    $beside->begin(['php', '-S', '127.0.0.1:8488', '-t', 'public', 'deploy/web/router.php']);
    $beside->begin(['php', 'artisan', 'queue:work', '--sleep=0.1', '--tries=3', '--quiet']);
    $house->signIn('picture');
    $house->waitUntil(static fn (): bool => $house->ask('GET', '/up', null, $second)['status'] === 200);

    foreach (['/api/session', '/api/applications', '/api/keymaps', '/api/suites/avocet/sitting', '/api/stripes', '/api/presets'] as $path) {
        expect($house->ask('GET', $path, null, $second))->toBe($house->ask('GET', $path), $path);
    }
    $keymap = $house->ask('POST', '/api/applications/cutloom/keymaps', ['name' => 'Of two'])['data']['id'];
    $acknowledged = [];
    for ($write = 0; $write < 40; $write++) {
        $address = $write % 2 === 0 ? $house->address : $second;
        $answer = $house->ask(
            'POST',
            '/api/intents',
            ['name' => "Intent {$write}", 'group' => 'view', 'frequency' => 'often', 'synonyms' => []],
            $address,
        );
        if ($answer['status'] === 201) {
            $acknowledged[] = "Intent {$write}";
        }
    }
    expect($acknowledged)->toHaveCount(40);
    $stored = array_column($house->ask('GET', '/api/intents', null, $second)['data']['intents'], 'name');
    expect(array_diff($acknowledged, $stored))->toBe([]);

    // Each person has one under way at a time.
    $body = ['applications' => ['cutloom', 'faderloft'], 'intents' => ['undo', 'split', 'mark-in', 'zoom-in'], 'seconds' => 1];
    $asked = [];
    foreach (['picture', 'sound', 'motion', 'keeper'] as $index => $account) {
        $house->signIn($account);
        $asked[$account] = $house->ask('POST', '/api/harmonisations', $body, $index % 2 === 0 ? $house->address : $second)['data']['id'];
    }
    foreach ($asked as $account => $id) {
        $house->signIn($account);
        $house->waitUntil(static fn (): bool => $house->ask('GET', "/api/harmonisations/{$id}")['data']['state'] === 'done', 40);
        expect($house->ask('GET', "/api/harmonisations/{$id}", null, $second))->toBe($house->ask('GET', "/api/harmonisations/{$id}"));
    }
    // Whatever two workers took, neither gave anything up nor stumbled over the other.
    expect($house->run('doctor')[0])->toContain('well     No work was given up');
    $log = glob("{$house->folder}/var/laravel/logs/*.log") ?: [];
    expect(array_filter($log, static fn (string $path): bool => str_contains((string) file_get_contents($path), '"ERROR"')))->toBe([]);
});
