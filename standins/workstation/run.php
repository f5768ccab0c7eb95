<?php

declare(strict_types=1);

// Runs the agent around the folder of a workstation stand-in until it is ended.
// Usage: php run.php --suite=avocet --token=… --server=http://127.0.0.1:8460 --folder=…

use Standins\StandIns;
use Standins\Workstation\StandInWorkstation;
use Zebrafinch\Agent\Agent;
use Zebrafinch\Agent\AgentRefuses;
use Zebrafinch\Agent\Installer;
use Zebrafinch\Agent\Server;
use Zebrafinch\Agent\StateFolder;

require __DIR__.'/autoload.php';
require dirname(__DIR__, 2).'/agent/autoload.php';

$options = getopt('', ['suite:', 'token:', 'server:', 'folder:']);
foreach (['suite', 'token', 'server', 'folder'] as $needed) {
    if (! is_string($options[$needed] ?? null)) {
        fwrite(STDERR, "Missing --{$needed}=…\n");
        exit(2);
    }
}

$workstation = new StandInWorkstation($options['folder'], new StandIns(dirname(__DIR__, 2).'/catalogues'));
try {
    $state = StateFolder::open("{$options['folder']}/.agent");
} catch (AgentRefuses $refusal) {
    fwrite(STDERR, $refusal->getMessage()."\n");
    exit(2);
}
$agent = new Agent(
    new Server($options['server'], $options['token'], $state->instance()),
    $workstation,
    new Installer($workstation, $state),
    $state,
);

while (true) {
    usleep(max(10, $workstation->isOffline() ? 1000 : $agent->round()) * 1000);
}
