<?php

declare(strict_types=1);

// Runs one workstation stand-in until it is ended.
// Usage: php run.php --suite=avocet --token=… --server=http://127.0.0.1:8460 --folder=…

use Standins\StandIns;
use Standins\Workstation\Agent;
use Standins\Workstation\Folder;
use Standins\Workstation\Server;

require __DIR__.'/autoload.php';

$options = getopt('', ['suite:', 'token:', 'server:', 'folder:']);
foreach (['suite', 'token', 'server', 'folder'] as $needed) {
    if (! is_string($options[$needed] ?? null)) {
        fwrite(STDERR, "Missing --{$needed}=…\n");
        exit(2);
    }
}

$standIns = new StandIns(dirname(__DIR__, 2).'/catalogues');
$agent = new Agent(new Folder($options['folder']), new Server($options['server'], $options['token']), $standIns);

while (true) {
    usleep(max(10, $agent->call()) * 1000);
}
