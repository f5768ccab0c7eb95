<?php

// Prints measurements as ratios: each measure times its subject and a yardstick side by side in this one run.
// A new measure is one file in measures/ that returns a function giving rows. Usage: php run.php [NAME...]

declare(strict_types=1);

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Row.php';
require __DIR__.'/SideBySide.php';

$cpu =
    preg_match('/^model name\s*:\s*(.+)$/m', (string) @file_get_contents('/proc/cpuinfo'), $found) === 1 ? $found[1] : 'unknown processor';
printf("PHP %s, %s\n", PHP_VERSION, $cpu);
foreach (glob(__DIR__.'/measures/*.php') ?: [] as $path) {
    if ($argc > 1 && ! in_array(basename($path, '.php'), array_slice($argv, 1), true)) {
        continue;
    }
    $measure = require $path;
    foreach ($measure() as $row) {
        echo $row instanceof Row ? $row : Row::told((string) $row), "\n";
    }
}
