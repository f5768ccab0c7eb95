<?php

declare(strict_types=1);

// One installation in a process of its own, so that it can be killed.
// Usage: php child.php FOLDER RELEASE [STEP]: with a number it kills itself after that many steps.

use Zebrafinch\Agent\Tests\TestFolder;

require dirname(__DIR__).'/autoload.php';
require __DIR__.'/TestFolder.php';

[, $path, $release] = $argv;
$last = isset($argv[3]) ? (int) $argv[3] : PHP_INT_MAX;
$done = 0;
$between = static function (string $step) use (&$done, $last): void {
    if (++$done >= $last) {
        posix_kill(getmypid(), SIGKILL);
    }
};
$folder = new TestFolder($path);
$state = $folder->state();
$installer = $folder->installer($state, null, $between);
$installer->goOn();
$installer->install($state->number() + 1, $folder->release($state, $release));
echo $done;
