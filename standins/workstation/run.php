<?php

declare(strict_types=1);

// Runs one workstation stand-in until it is ended.
// Usage: php run.php --suite=avocet --token=… --server=http://127.0.0.1:8460 --folder=…

use Standins\Boardwick\Boardwick;
use Standins\Cutloom\Cutloom;
use Standins\Desktop\Desktop;
use Standins\Easeframe\Easeframe;
use Standins\Faderloft\Faderloft;
use Standins\Gradewell\Gradewell;
use Standins\Rotomere\Rotomere;
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

$catalogues = dirname(__DIR__, 2).'/catalogues';
$factory = static fn (string $path): string => (string) file_get_contents("{$catalogues}/{$path}");
$applications = [
    'cutloom' => new Cutloom($factory('cutloom/factory.xml')),
    'faderloft' => new Faderloft($factory('faderloft/factory.tsv')),
    'easeframe' => new Easeframe($factory('easeframe/factory.keys')),
    'gradewell' => new Gradewell($factory('gradewell/factory.json')),
    'rotomere' => new Rotomere($factory('rotomere/factory.yaml')),
    'boardwick' => new Boardwick($factory('boardwick/factory.csv')),
];
$menus = array_map(
    static fn (string $id): array => Desktop::menus(json_decode($factory("{$id}/catalogue.json"), true)),
    array_combine(array_keys($applications), array_keys($applications)),
);
$agent = new Agent(new Folder($options['folder']), new Server($options['server'], $options['token']), $applications, new Desktop($menus));

while (true) {
    usleep(max(10, $agent->call()) * 1000);
}
