<?php

declare(strict_types=1);

const SERVER = __DIR__.'/../../deploy/server';

/** Runs a program on what a house puts on its server; what it says, and how it ended. */
function said(string $command): array
{
    exec("{$command} 2>&1", $lines, $status);

    return [implode("\n", $lines), $status];
}

test('the web server of a house takes its configuration', function () {
    if (said('command -v nginx || ls /usr/sbin/nginx')[1] !== 0 || said('command -v openssl')[1] !== 0) {
        $this->markTestSkipped('nginx or openssl is not to be had here.');
    }
    $folder = sys_get_temp_dir().'/zebrafinch-nginx-'.bin2hex(random_bytes(4));
    mkdir($folder);
    said("openssl req -x509 -newkey rsa:2048 -nodes -days 1 -subj /CN=house.example -keyout {$folder}/key.pem -out {$folder}/cert.pem");
    $root = realpath(SERVER.'/../..');
    $house = strtr((string) file_get_contents(SERVER.'/nginx.conf'), [
        'HOUSE_NAME' => 'keys.house.example',
        'CERTIFICATE_KEY' => "{$folder}/key.pem",
        'CERTIFICATE' => "{$folder}/cert.pem",
        '/srv/zebrafinch' => $root,
    ]);
    // Ports below 1024 are root's, and the test is anybody's.
    $house = (string) preg_replace('/listen (\[::\]:)?(80|443)/', 'listen ${1}18${2}', $house);
    file_put_contents("{$folder}/nginx.conf", "pid {$folder}/pid;\nerror_log stderr;\nevents {}\nhttp {\naccess_log off;\n{$house}\n}\n");
    [$text, $status] = said("/usr/sbin/nginx -t -e stderr -p {$folder} -c {$folder}/nginx.conf");
    expect($status)->toBe(0, $text)->and($text)->toContain('test is successful');
});

test('the units of a house are taken by systemd', function () {
    if (said('command -v systemd-analyze')[1] !== 0) {
        $this->markTestSkipped('systemd-analyze is not to be had here.');
    }
    foreach (glob(SERVER.'/*.{service,timer}', GLOB_BRACE) ?: [] as $unit) {
        [$text] = said('systemd-analyze verify --man=no '.escapeshellarg($unit));
        // The users and programs of a server are not those of the machine that tests.
        $faults = array_filter(
            explode("\n", $text),
            static fn (string $line): bool => preg_match('/Unknown (lvalue|key|section)|Failed to parse|Invalid|bad unit/i', $line) === 1,
        );
        expect($faults)->toBe([]);
    }
});

test('every setting that the code reads is told of in the example or in the guide to operations', function () {
    $told = file_get_contents(SERVER.'/settings.env.example').file_get_contents(SERVER.'/../../docs/operations.md');
    $missing = [];
    foreach (glob(SERVER.'/../../config/*.php') ?: [] as $path) {
        preg_match_all("/env\('([A-Z_]+)'/", (string) file_get_contents($path), $names);
        foreach ($names[1] as $name) {
            if (! str_contains($told, $name)) {
                $missing[$name] = basename($path);
            }
        }
    }
    expect($missing)->toBe([]);
});
