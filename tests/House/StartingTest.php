<?php

declare(strict_types=1);

use Tests\House\Checkout;

/** One place for all of these, in the order in which they stand: starting one takes seconds. */
function checkout(): Checkout
{
    static $checkout;

    return $checkout ??= new Checkout((int) (getenv('ZEBRAFINCH_HOUSE_PORT') ?: 8481), (int) (getenv('ZEBRAFINCH_HOUSE_DB_PORT') ?: 54481));
}

test('an empty house is started, named by whoever shows the code, and has nothing of the demo', function () {
    [$said, $status] = checkout()->run('start --house --background');
    expect($status)->toBe(0, $said)->and(preg_match('/\b[A-Z2-9]{5}(-[A-Z2-9]{5}){3}\b/', $said, $code))->toBe(1);
    expect(checkout()->ask('GET', '/api/session')['data']['house'])->toMatchArray(['is_demo' => false, 'is_set_up' => false]);
    $visit = ['house' => 'Reedbed', 'name' => 'Keeper', 'email' => 'keeper@reedbed.example', 'password' => 'seven night trains'];
    expect(checkout()->ask('POST', '/api/set-up', ['code' => $code[0], ...$visit])['status'])->toBe(204);
    expect(checkout()->ask('GET', '/api/suites')['data']['suites'])->toBe([]);
    expect(array_column(checkout()->ask('GET', '/api/people')['data']['people'], 'email'))->toBe(['keeper@reedbed.example']);
    $applications = checkout()->ask('GET', '/api/applications')['data']['applications'];
    expect(array_filter($applications, static fn (array $one): bool => ! $one['is_desktop']))->toBe([]);
    [$again] = checkout()->run('start --background');
    expect($again)->toContain('running already')->not->toContain('show this code');
    expect(checkout()->run('reset-demo --yes'))->toMatchArray([1 => 1]);
});

test('every part that is killed is back by itself within five seconds, and leaves no orphan', function (string $part) {
    $before = checkout()->processOf($part);
    posix_kill($before, SIGKILL);
    $seconds = checkout()->waitUntil(
        static fn (): bool => ! in_array(checkout()->processOf($part), [$before, null], true) && checkout()->isReady(),
    );
    expect($seconds)->toBeLessThan(5.0);
    exec("pgrep -r D,R,S,T -g {$before}", $members);
    expect($members)->toBe([]);
})->with(['php', 'web', 'scheduler', 'queue-1', 'database']);

test('start brings back what is dead, the watcher too, and a number that another program has by now is left alone', function () {
    $innocent = proc_open(['sleep', '300'], [], $pipes);
    $number = proc_get_status($innocent)['pid'];
    foreach (['watcher', 'php', 'queue-1'] as $part) {
        posix_kill((int) checkout()->processOf($part), SIGKILL);
    }
    file_put_contents(checkout()->folder.'/var/run/queue-1.pid', "{$number} 12345\n");
    [$said, $status] = checkout()->run('start --background');
    expect($status)->toBe(0, $said)->and(checkout()->isReady())->toBeTrue();
    expect(checkout()->run('status')[0])
        ->not->toContain('not running')
        ->and(proc_get_status($innocent)['running'])
        ->toBeTrue();
    proc_terminate($innocent);
});

test('while the database is away pages say so at once, and go on when it is back', function () {
    posix_kill((int) checkout()->processOf('watcher'), SIGKILL);
    posix_kill((int) checkout()->processOf('database'), SIGKILL);
    checkout()->waitUntil(static fn (): bool => ! checkout()->isReady());
    $began = microtime(true);
    $answer = checkout()->ask('GET', '/api/session');
    expect($answer['status'])
        ->toBe(503)
        ->and($answer['data']['kind'])
        ->toBe('away')
        ->and(microtime(true) - $began)
        ->toBeLessThan(5.0);
    expect(checkout()->run('start --background')[1])->toBe(0);
    expect(checkout()->ask('GET', '/api/people')['status'])->toBe(200);
});

test('no secret stands on a command line while all is started', function () {
    checkout()->run('stop');
    $starting = proc_open(['bash', '-c', checkout()->command('start --background')], [1 => ['file', '/dev/null', 'w']], $pipes);
    $secrets = array_map(checkout()->setting(...), ['APP_KEY', 'DB_PASSWORD', 'DB_OWNER_PASSWORD', 'DB_ADMIN_PASSWORD']);
    $looks = 0;
    while (proc_get_status($starting)['running']) {
        $seen = (string) shell_exec('ps axww -o args');
        foreach ($secrets as $secret) {
            expect($secret)->not->toBe('')->and(str_contains($seen, $secret))->toBeFalse();
        }
        $looks++;
    }
    // What makes tables and roles is no business of the web's.
    $web =
        file_get_contents('/proc/'.checkout()->processOf('php').'/environ').
        file_get_contents(checkout()->folder.'/var/settings.env');
    expect($web)->not->toContain(checkout()->setting('DB_OWNER_PASSWORD'))->not->toContain(checkout()->setting('DB_ADMIN_PASSWORD'));
    expect($looks)->toBeGreaterThan(10)->and(checkout()->isReady())->toBeTrue();
});

test('two starts at once are one', function () {
    checkout()->run('stop');
    $both = array_map(
        static fn (): mixed => proc_open(['bash', '-c', checkout()->command('start --background')], [1 => ['pipe', 'w']], $pipes),
        [1, 2],
    );
    $ends = array_map(static function (mixed $one): int {
        while (($status = proc_get_status($one))['running']) {
            usleep(50_000);
        }

        return $status['exitcode'];
    }, $both);
    expect($ends)
        ->toBe([0, 0])
        ->and(checkout()->isReady())
        ->toBeTrue();
    exec('pgrep -f '.escapeshellarg('[n]ginx: master process.*'.checkout()->folder), $servers);
    expect($servers)->toHaveCount(1);
});

test('passwords of the database that were lost are made anew; the application key never is', function () {
    checkout()->run('stop');
    $settings = checkout()->folder.'/var/settings.env';
    $whole = (string) file_get_contents($settings);
    unlink(checkout()->folder.'/var/owner.env');
    file_put_contents($settings, (string) preg_replace('/^DB_.*\n/m', '', $whole));
    [$said, $status] = checkout()->run('start --background');
    expect($status)->toBe(0, $said)->and(checkout()->isReady())->toBeTrue();
    expect(checkout()->ask('GET', '/api/people')['status'])->toBe(200);
    checkout()->run('stop');
    $now = (string) file_get_contents($settings);
    file_put_contents($settings, (string) preg_replace('/^APP_KEY.*\n/m', '', $now));
    [$said, $status] = checkout()->run('start --background');
    expect($status)->toBe(1)->and($said)->toContain('the application key is gone', 'put the file back from a backup');
    file_put_contents($settings, $now);
});

test('a port that is taken, a folder of the framework that is gone and a file that is none are said or mended', function () {
    checkout()->run('stop');
    $other = stream_socket_server('tcp://127.0.0.1:'.parse_url(checkout()->address, PHP_URL_PORT));
    [$said, $status] = checkout()->run('start --background');
    expect($status)->toBe(1)->and($said)->toContain('is taken by another program', 'choose another port');
    fclose($other);
    exec('rm -rf '.escapeshellarg(checkout()->folder.'/bootstrap/cache'));
    file_put_contents(checkout()->folder.'/var/run/web.pid', 'nonsense');
    [$said, $status] = checkout()->run('start --background');
    expect($status)->toBe(0, $said)->and(checkout()->isReady())->toBeTrue();
    expect(checkout()->run('backup '.checkout()->folder.'/nowhere/house.backup'))->toMatchArray([1 => 1]);
});

test('a secret that is changed closes nothing that was open', function () {
    foreach (['database', 'key', 'key'] as $secret) {
        [$said, $status] = checkout()->run("new-secret {$secret}");
        expect($status)->toBe(0, $said)->and(checkout()->isReady())->toBeTrue();
    }
    expect(substr_count(checkout()->setting('APP_PREVIOUS_KEYS'), 'base64:'))->toBe(2);
    $signIn = ['email' => 'keeper@reedbed.example', 'password' => 'seven night trains'];
    expect(checkout()->ask('POST', '/api/session', $signIn)['status'])->toBe(200);
    expect(checkout()->run('doctor')[0])->not->toContain('NOT SO   The');
});
