<?php

declare(strict_types=1);

// The agent of one workstation. docs/agent.md tells how to install it.
//
//   php agent.php --settings=FILE                              asks the server for as long as it runs
//   php agent.php --settings=FILE --bundle=FILE [--report=FILE] installs from a stick, writes the report back to it, and ends

use Zebrafinch\Agent\Agent;
use Zebrafinch\Agent\AgentRefuses;
use Zebrafinch\Agent\Bundle;
use Zebrafinch\Agent\Installer;
use Zebrafinch\Agent\LocalDisk;
use Zebrafinch\Agent\PlainWorkstation;
use Zebrafinch\Agent\Server;
use Zebrafinch\Agent\Settings;
use Zebrafinch\Agent\StateFolder;

require __DIR__.'/autoload.php';

$options = getopt('', ['settings:', 'bundle:', 'report:']);
try {
    $settings = Settings::fromFile(is_string($options['settings'] ?? null) ? $options['settings'] : __DIR__.'/settings.json');
    $state = StateFolder::open($settings->state);
    $workstation = new PlainWorkstation($settings->files, new LocalDisk(), $settings->usageLogs);
    $installer = new Installer($workstation, $state);
    if (is_string($options['bundle'] ?? null)) {
        $bundle = new Bundle($settings, $workstation, $installer, $state);
        $report = is_string($options['report'] ?? null) ? $options['report'] : "{$options['bundle']}.report";
        echo $bundle->install($options['bundle'], $report), "\n";
        exit(0);
    }
    (new Agent(new Server($settings->server, $settings->token, $state->instance()), $workstation, $installer, $state))->run();
} catch (AgentRefuses $refusal) {
    fwrite(STDERR, $refusal->getMessage()."\n");
    exit(2);
}
