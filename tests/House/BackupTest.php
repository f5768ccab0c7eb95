<?php

declare(strict_types=1);

use Tests\House\Checkout;

test('a backup taken while others write is restored elsewhere, equal row by row, and refused where there are people', function () {
    $here = new Checkout(8483, 54483);
    expect($here->run('start --background')[1])->toBe(0);
    $here->signIn('picture');
    $keymap = $here->ask('POST', '/api/applications/cutloom/keymaps', ['name' => 'Written'])['data']['id'];
    $file = sys_get_temp_dir().'/zebrafinch-'.bin2hex(random_bytes(4)).'.backup';
    $backup = proc_open(['bash', '-c', $here->command("backup {$file}")], [1 => ['file', '/dev/null', 'w']], $pipes);
    $written = 0;
    while (($ended = proc_get_status($backup))['running']) {
        $written += $here->ask('PATCH', "/api/keymaps/{$keymap}", ['name' => "Written {$written}"])['status'] === 200 ? 1 : 0;
    }
    expect($ended['exitcode'])->toBe(0)->and($written)->toBeGreaterThan(3);
    expect(fileperms($file) & 0o077)->toBe(0);
    [$said, $status] = $here->run("restore {$file}");
    expect($status)->toBe(1)->and($said)->toContain('Zebrafinch is running');

    $elsewhere = new Checkout(8485, 54485);
    [$said, $status] = $elsewhere->run("restore {$file}");
    expect($status)->toBe(0, $said)->and($said)->toContain('compared row by row');
    expect($elsewhere->setting('APP_KEY'))
        ->toBe($here->setting('APP_KEY'))
        ->and($elsewhere->setting('DB_PASSWORD'))
        ->not->toBe($here->setting('DB_PASSWORD'));
    expect($elsewhere->run('start --background')[1])->toBe(0);
    $elsewhere->signIn('picture');
    $names = array_column($elsewhere->ask('GET', '/api/keymaps')['data']['keymaps'], 'name');
    expect(preg_grep('/^Written/', $names))->toHaveCount(1);
    $elsewhere->run('stop');
    [$said, $status] = $elsewhere->run("restore {$file}");
    expect($status)->toBe(1)->and($said)->toContain('this place is not empty');
    file_put_contents($file, substr((string) file_get_contents($file), 0, 20_000));
    [$said] = $elsewhere->run("restore {$file}");
    expect($said)->toContain('is no backup of Zebrafinch, or only half of one');
    unlink($file);
});
